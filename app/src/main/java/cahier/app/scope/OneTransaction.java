package cahier.app.scope;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.http.HttpEntity;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * A request is one transaction, however many services it asks. A look at a page reads everything at the same moment, and what several services
 * ask is asked once ({@link AskedOnce}); a command is stored whole or not at all, also where a later part of it is refused. It ends before the
 * page is drawn, and before a refusal is.
 */
@Component
class OneTransaction implements HandlerInterceptor, HandlerExceptionResolver, WebMvcConfigurer, Ordered {

    private static final String OPEN = OneTransaction.class.getName();

    private final PlatformTransactionManager transactions;

    OneTransaction(PlatformTransactionManager transactions) {
        this.transactions = transactions;
    }

    /** A PDF is slow to write and a recording slow to hear: there the services' own transactions do, and the slow part is outside of them. */
    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).excludePathPatterns("/sheets/*.pdf", "/o/*/sheet.pdf", "/households/*/watches");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        boolean looks = LookingFilter.isLooking();
        if (PracticeScope.current().isPresent() && (looks || !answersItself(handler))) {
            DefaultTransactionDefinition whole = new DefaultTransactionDefinition();
            whole.setReadOnly(looks);
            whole.setIsolationLevel(looks ? TransactionDefinition.ISOLATION_REPEATABLE_READ : TransactionDefinition.ISOLATION_DEFAULT);
            request.setAttribute(OPEN, transactions.getTransaction(whole));
            if (looks) {
                AskedOnce.begin();
            }
        }
        return true;
    }

    /** Its answer is on its way before {@link #postHandle}: a phone would be told of a rep that is not yet stored. Such a command asks one service, whose transaction it is. */
    private static boolean answersItself(Object handler) {
        return handler instanceof HandlerMethod method && (method.hasMethodAnnotation(ResponseBody.class) || AnnotatedElementUtils.hasAnnotation(method.getBeanType(), ResponseBody.class)
                || HttpEntity.class.isAssignableFrom(method.getReturnType().getParameterType()));
    }

    @Override
    public void postHandle(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView model) {
        end(request, true);
    }

    /** Before anybody words the refusal: what it reads must not stand in a transaction that has failed. */
    @Override
    public @Nullable ModelAndView resolveException(HttpServletRequest request, HttpServletResponse response, @Nullable Object handler, Exception e) {
        end(request, false);
        return null;
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception e) {
        end(request, false);
    }

    @Override
    public int getOrder() {
        return HIGHEST_PRECEDENCE;
    }

    /** What a service refused, and a controller worded, leaves nothing behind either. */
    private void end(HttpServletRequest request, boolean went) {
        if (request.getAttribute(OPEN) instanceof TransactionStatus open) {
            request.removeAttribute(OPEN);
            AskedOnce.end();
            if (went && !open.isRollbackOnly()) {
                transactions.commit(open);
            } else {
                transactions.rollback(open);
            }
        }
    }
}
