package potmellow.app.access;

import jakarta.servlet.http.HttpServletResponse;
import java.util.function.Supplier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import potmellow.app.caller.Caller;
import potmellow.app.garden.GardenService;
import potmellow.app.home.HomeNetwork;
import potmellow.app.people.PeopleService;

/**
 * At the machine itself nobody signs in; from the home network only devices that were let in are answered. Foreign hosts and origins
 * are turned away at every door, writes need the token of the page, and the page may load nothing from elsewhere.
 */
@Configuration(proxyBeanMethods = false)
class AccessRules {
    /** The reader of codes that ships with the page is no script; it needs leave of its own. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; img-src 'self' data:; object-src 'none';"
                    + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** Instruments carry a token of their own instead of the page's. */
    private static final String OPEN_DOOR = "/api/readings";

    @Bean
    SecurityFilterChain filters(HttpSecurity http, PeopleService people, GardenService gardens, HomeNetwork network)
            throws Exception {
        // What the gate of roles can't see is for whoever was let in; pages and their parts tell nothing of the garden.
        return http.authorizeHttpRequests(requests -> requests.requestMatchers("/v3/**")
                        .access(AccessRules::letIn)
                        .anyRequest()
                        .permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.NEVER))
                .securityContext(kept -> kept.securityContextRepository(new DeviceContexts()))
                .csrf(csrf -> csrf.ignoringRequestMatchers(OPEN_DOOR)
                        .csrfTokenRepository(ownCookie())
                        .csrfTokenRequestHandler(eagerToken()))
                .addFilterBefore(new OwnPagesOnly(network), CsrfFilter.class)
                .addFilterBefore(new Admission(people, gardens), AnonymousAuthenticationFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                        // A browser that was told so once would never again let anybody past a certificate that it
                        // doesn't know.
                        .httpStrictTransportSecurity(HeadersConfigurer.HstsConfig::disable))
                .httpBasic(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .exceptionHandling(handling -> handling.accessDeniedHandler(new PlainDenial())
                        .authenticationEntryPoint((request, response, stranger) -> Denial.write(
                                response, HttpServletResponse.SC_UNAUTHORIZED, "sign-in", RoleGate.SIGN_IN)))
                .build();
    }

    private static AuthorizationDecision letIn(Supplier<Authentication> device, RequestAuthorizationContext asked) {
        return new AuthorizationDecision(Caller.of(asked.getRequest()).isPresent());
    }

    /** An address that tries to leave the garden is told so like everything else. */
    @Bean
    RequestRejectedHandler strangeAddresses() {
        return (request, response, rejected) ->
                Denial.write(response, HttpServletResponse.SC_BAD_REQUEST, "address", "Nothing is at such an address.");
    }

    /** People are let in by ourselves; without this, an account with a printed password would be made up. */
    @Bean
    UserDetailsService noAccounts() {
        return new InMemoryUserDetailsManager();
    }

    /** The page reads it and sends it back; no other page is ever sent along with it. */
    private static CookieCsrfTokenRepository ownCookie() {
        CookieCsrfTokenRepository cookie = CookieCsrfTokenRepository.withHttpOnlyFalse();
        cookie.setCookieCustomizer(built -> built.sameSite("Strict"));
        return cookie;
    }

    /** The plain handler with no attribute name set loads the token at once, so that the first page already has its cookie. */
    private static CsrfTokenRequestAttributeHandler eagerToken() {
        CsrfTokenRequestAttributeHandler handler = new CsrfTokenRequestAttributeHandler();
        handler.setCsrfRequestAttributeName(null);
        return handler;
    }
}
