package cahier.app.brake;

import cahier.app.language.Words;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses what is larger than its address takes, by the length it says and while it is read: before sign-in reads a form, and before a file
 * is put down anywhere. A recording may be large, from a trainer who is signed in.
 */
@Component
@Order(SessionRepositoryFilter.DEFAULT_ORDER + 1)
class SizeFilter extends OncePerRequestFilter {

    /** What a phone sends: two hundred reps are a fifth of it. */
    static final long PHONE = 256_000;
    /** A form, with all a trainer can write into it. */
    static final long FORM = 1_000_000;
    /** A file of an open format, or a calendar, and the form around it. */
    static final long FILE = 11_000_000;
    /** An hour of sound. */
    static final long RECORDING = 701_000_000;

    /** A practice with years of practice in it. */
    static final long COPY = 201_000_000;

    private static final String PAGE = page();
    private static final Pattern RECORDINGS = Pattern.compile("/households/\\d{1,18}/watches");
    private static final Pattern FILES = Pattern.compile("/(?:o/[\\w-]{1,200}/week/calendar|households/\\d{1,18}/(?:week/calendar|roadmap/import)|lessons/busy|shelf/import)");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
        long most = most(request);
        if (request.getContentLengthLong() > most) {
            refuse(request, response, HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                    Words.say("brake.SizeFilter.what-is-sent-here-must", words(most), was(request.getContentLengthLong(), most)));
        } else if (isMultipart(request) && request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null) {
            refuse(request, response, HttpServletResponse.SC_LENGTH_REQUIRED, Words.say("brake.SizeFilter.a-file-must-say-how"));
        } else {
            chain.doFilter(new Counted(request, most), response);
        }
    }

    private static String page() {
        try {
            return new ClassPathResource("refused/too-large.html").getContentAsString(StandardCharsets.UTF_8).strip();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static long most(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean owner = path.startsWith("/o/");
        if (FILES.matcher(path).matches()) {
            return owner || isSignedIn(request) ? FILE : FORM;
        }
        if (path.equals("/settings/bring-in") && isSignedIn(request)) {
            return COPY;
        }
        if (RECORDINGS.matcher(path).matches() && isSignedIn(request)) {
            return RECORDING;
        }
        return owner ? PHONE : FORM;
    }

    private static boolean isSignedIn(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return request.getUserPrincipal() != null || session != null && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY) != null;
    }

    private static boolean isMultipart(HttpServletRequest request) {
        return request.getContentType() != null && request.getContentType().startsWith("multipart/");
    }

    private static String words(long bytes) {
        return bytes < FORM ? Words.say("brake.SizeFilter.kb", bytes / 1_000) : Words.say("brake.SizeFilter.mb", bytes / 1_000_000);
    }

    /** Said finer where it is hardly more than what is allowed. */
    private static String was(long bytes, long most) {
        return words(bytes).equals(words(most)) ? String.format(Locale.UK, "%,d bytes", bytes) : words(bytes);
    }

    /** In words: to a phone as it reads them, to a browser as a page, which stands ready: templates are drawn behind this filter. */
    private static void refuse(HttpServletRequest request, HttpServletResponse response, int status, String why) throws IOException {
        boolean phone = request.getContentType() != null && request.getContentType().startsWith(MediaType.APPLICATION_JSON_VALUE);
        response.setStatus(status);
        response.setHeader(HttpHeaders.CONNECTION, "close"); // the rest of it is not waited for
        response.setContentType(phone ? MediaType.APPLICATION_JSON_VALUE : "text/html;charset=UTF-8");
        response.getWriter().write(phone ? "{\"error\":\"" + why + "\"}" : PAGE.replace("{why}", why));
        response.flushBuffer(); // before the rest of it comes
    }

    /** Thrown while reading, where a length was not said or not true. */
    private static final class TooLong extends IOException {

        private static final long serialVersionUID = 1L;

        TooLong(long most) {
            super(Words.say("brake.SizeFilter.more-than-were-sent", words(most)));
        }
    }

    private static final class Counted extends HttpServletRequestWrapper {

        private final long most;

        Counted(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream whole = super.getInputStream();
            return new ServletInputStream() {
                private long read;

                @Override
                public int read() throws IOException {
                    int one = whole.read();
                    count(one < 0 ? 0 : 1);
                    return one;
                }

                @Override
                public int read(byte[] into, int from, int length) throws IOException {
                    int many = whole.read(into, from, length);
                    count(Math.max(0, many));
                    return many;
                }

                private void count(int bytes) throws TooLong {
                    read += bytes;
                    if (read > most) {
                        throw new TooLong(most);
                    }
                }

                @Override
                public boolean isFinished() {
                    return whole.isFinished();
                }

                @Override
                public boolean isReady() {
                    return whole.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    whole.setReadListener(listener);
                }
            };
        }
    }
}
