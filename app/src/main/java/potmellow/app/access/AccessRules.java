package potmellow.app.access;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * One gardener on one machine: nobody logs in, but only this machine's own pages are served. Foreign hosts and origins are
 * turned away, writes need the token of the page, and the page may load nothing from elsewhere.
 */
@Configuration(proxyBeanMethods = false)
class AccessRules {
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none';"
            + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** Instruments carry a token of their own instead of the page's. */
    private static final String OPEN_DOOR = "/api/readings";

    @Bean
    SecurityFilterChain filters(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.ignoringRequestMatchers(OPEN_DOOR)
                        .csrfTokenRepository(ownCookie())
                        .csrfTokenRequestHandler(eagerToken()))
                .addFilterBefore(new OwnPagesOnly(), CsrfFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
                .httpBasic(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .exceptionHandling(handling -> handling.accessDeniedHandler(new PlainDenial()))
                .build();
    }

    /** An address that tries to leave the garden is told so like everything else. */
    @Bean
    RequestRejectedHandler strangeAddresses() {
        return (request, response, rejected) ->
                Denial.write(response, HttpServletResponse.SC_BAD_REQUEST, "address", "Nothing is at such an address.");
    }

    /** There are no accounts; without this, one with a printed password would be made up. */
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
