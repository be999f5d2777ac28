package cahier.app.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * A page is loaded in one transaction: everything on it is of the same moment, and what several services ask is asked once ({@link AskedOnce}).
 * It ends before the page is drawn.
 */
@Component
class OneLook implements HandlerInterceptor, WebMvcConfigurer {

    private static final String LOOK = OneLook.class.getName();

    private final PlatformTransactionManager transactions;

    OneLook(PlatformTransactionManager transactions) {
        this.transactions = transactions;
    }

    /** A PDF is slow to write: its services load in transactions of their own and write outside of them. */
    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).excludePathPatterns("/sheets/*.pdf", "/o/*/sheet.pdf");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (LookingFilter.isLooking() && PracticeScope.current().isPresent()) {
            DefaultTransactionDefinition look = new DefaultTransactionDefinition();
            look.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
            look.setReadOnly(true);
            request.setAttribute(LOOK, transactions.getTransaction(look));
            AskedOnce.begin();
        }
        return true;
    }

    @Override
    public void postHandle(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView model) {
        end(request);
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception e) {
        end(request);
    }

    /** Nothing was written, so it is rolled back whatever a service said of it. */
    private void end(HttpServletRequest request) {
        if (request.getAttribute(LOOK) instanceof TransactionStatus look) {
            request.removeAttribute(LOOK);
            AskedOnce.end();
            transactions.rollback(look);
        }
    }
}
