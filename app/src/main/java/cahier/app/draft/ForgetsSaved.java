package cahier.app.draft;

import cahier.app.scope.TrainerUser;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** A form that was saved leads on to another page: then its draft is forgotten. One that was refused is shown again and keeps it. */
@Component
class ForgetsSaved implements HandlerInterceptor, WebMvcConfigurer {

    /** Added to each form by the script that keeps its drafts. */
    static final String FIELD = "_draft";

    private final Drafts drafts;

    ForgetsSaved(Drafts drafts) {
        this.drafts = drafts;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failed) {
        String form = "POST".equals(request.getMethod()) && response.getStatus() == HttpStatus.FOUND.value() ? request.getParameter(FIELD) : null;
        if (form != null && request.getUserPrincipal() instanceof Authentication who && who.getPrincipal() instanceof TrainerUser me) {
            drafts.forget(me, form);
        }
    }
}
