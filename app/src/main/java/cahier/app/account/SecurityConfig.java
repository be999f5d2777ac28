package cahier.app.account;

import static org.springframework.security.config.Customizer.withDefaults;

import cahier.app.scope.PracticeTransactionManager;
import cahier.app.scope.TrainerUser;
import java.time.Duration;
import java.util.Arrays;
import java.util.Set;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.util.matcher.AndRequestMatcher;
import org.springframework.security.web.util.matcher.AntPathRequestMatcher;
import org.springframework.security.web.util.matcher.NegatedRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.session.security.web.authentication.SpringSessionRememberMeServices;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

@Configuration
class SecurityConfig {

    /** Nothing inline, nothing from outside. */
    static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; media-src 'self' blob:; "
            + "connect-src 'self'; manifest-src 'self'; worker-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** No page needs any of them: whatever got into one could not use them either. */
    static final String PERMISSIONS = "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), bluetooth=(), midi=(), display-capture=()";

    private static final RequestMatcher LOOKS = request -> Set.of("GET", "HEAD").contains(request.getMethod());

    /** What also somebody changes who only looks: the own account, and what is kept of this device. */
    private static final RequestMatcher ONES_OWN = any("/account/**", "/settings", "/settings/try-mail", "/logout", "/hand-overs/*/read");

    /** What changes the practice as a whole, or takes all of it away. */
    private static final RequestMatcher RUNS_THE_PRACTICE = new OrRequestMatcher(
            new AndRequestMatcher(new NegatedRequestMatcher(LOOKS), any("/settings/practice", "/settings/method", "/settings/keeping", "/settings/export", "/settings/bring-in",
                    "/settings/trainers", "/settings/trainers/*/again", "/settings/trainers/*/role", "/households/*/erase", "/outbox/texts/**", "/outbox/demo-server")), any("/settings/trainers/*/let-go"));

    private static RequestMatcher any(String... paths) {
        return new OrRequestMatcher(Arrays.stream(paths).<RequestMatcher>map(AntPathRequestMatcher::new).toList());
    }

    /** Owners, and calendar programs, carry their right in the address: no cookie is read or set, so there is nothing a foreign page could ride on. */
    @Bean
    @Order(1)
    SecurityFilterChain owners(HttpSecurity http) throws Exception {
        headers(http.securityMatcher("/o/**", "/calendar/**"))
                .authorizeHttpRequests(r -> r.anyRequest().permitAll())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(AbstractHttpConfigurer::disable);
        return http.build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain trainers(HttpSecurity http, SignInBrake brake) throws Exception {
        RequestCache asked = new CookieRequestCache();
        headers(http)
                .csrf(c -> c.csrfTokenRepository(forms()))
                .requestCache(r -> r.requestCache(asked))
                .rememberMe(r -> r.rememberMeServices(staying()))
                .authorizeHttpRequests(r -> r
                        .requestMatchers("/login", HalfSignedIn.PAGE, "/lost-password", "/new-password/*", "/join/*", "/first-run", "/theme", "/error", "/favicon.svg", "/sw.js", "/app/**", "/fonts/**", "/vendor/**", "/webjars/**")
                        .permitAll()
                        .requestMatchers(RUNS_THE_PRACTICE).hasRole(TrainerUser.RUNS)
                        .requestMatchers(new OrRequestMatcher(LOOKS, ONES_OWN)).hasRole(TrainerUser.LOOKS)
                        .anyRequest().hasRole(TrainerUser.WRITES))
                .formLogin(f -> f.loginPage(SignInBrake.PAGE).successHandler(brake.succeeded(asked)).failureHandler(brake))
                .exceptionHandling(e -> e.accessDeniedHandler(HalfSignedIn.onlyTheCode()))
                .logout(withDefaults())
                .addFilterBefore(brake.filter(), UsernamePasswordAuthenticationFilter.class)
                .addFilterAfter(new ScopeFilter(), AuthorizationFilter.class);
        return http.build();
    }

    /** In a cookie of its own, which no script reads: a visitor who is not signed in leaves no row behind. */
    private static CookieCsrfTokenRepository forms() {
        CookieCsrfTokenRepository forms = new CookieCsrfTokenRepository();
        forms.setCookieName("cahier-form");
        forms.setCookieCustomizer(c -> c.sameSite("Lax"));
        return forms;
    }

    /** Thirty idle days where that was ticked; else as long as a day's work (application.yaml). */
    private static SpringSessionRememberMeServices staying() {
        SpringSessionRememberMeServices staying = new SpringSessionRememberMeServices();
        staying.setRememberMeParameterName("stay");
        staying.setValiditySeconds((int) Duration.ofDays(30).toSeconds());
        return staying;
    }

    /** Who is signed in is kept without the hash of the password. */
    @Bean
    DaoAuthenticationProvider trainersByPassword(AccountService accounts, PasswordEncoder passwords) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(accounts) {
            @Override
            protected Authentication createSuccessAuthentication(Object principal, Authentication who, UserDetails trainer) {
                TrainerUser kept = ((TrainerUser) trainer).withoutHash();
                return super.createSuccessAuthentication(kept, who, kept);
            }
        };
        provider.setPasswordEncoder(passwords);
        return provider;
    }

    private static HttpSecurity headers(HttpSecurity http) throws Exception {
        return http.headers(h -> h
                .contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                .addHeaderWriter(new StaticHeadersWriter("Permissions-Policy", PERMISSIONS))
                .addHeaderWriter(new StaticHeadersWriter("X-Robots-Tag", "noindex, nofollow"))
                .referrerPolicy(p -> p.policy(ReferrerPolicy.SAME_ORIGIN)));
    }

    /** A sign-in is kept up to date while a page is only looked at, and belongs to no practice: its rows are written past {@link PracticeTransactionManager}. */
    @Bean
    TransactionOperations springSessionTransactionOperations(DataSource database) {
        TransactionTemplate own = new TransactionTemplate(new JdbcTransactionManager(database));
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return own;
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }
}
