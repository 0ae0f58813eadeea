package kindthimble.app.reach;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import kindthimble.app.http.PlainProblem;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * Who may do what. At the kitchen's own computer, on loopback, all is open, as the doors let nobody else in there. Over the home network only a device that
 * was let in does anything, and each change carries its token.
 */
@Configuration(proxyBeanMethods = false)
class SecurityRules {
    /** Browsers keep a cookie no longer. */
    private static final Duration LONGEST_COOKIE = Duration.ofDays(400);

    @Bean
    @Order(1)
    SecurityFilterChain overTheNetwork(HttpSecurity http) throws Exception {
        return http.securityMatcher(HttpServletRequest::isSecure)
                .authorizeHttpRequests(rules -> rules.dispatcherTypeMatchers(
                                DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers("/api/reach", "/api/reach/sign-in", "/api/reach/pair", "/api/health")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        // The pages themselves hold nothing of the shop.
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(csrf -> csrf.spa())
                .headers(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .exceptionHandling(problems -> problems.authenticationEntryPoint(
                                (request, response, e) -> refuse(
                                        response,
                                        HttpStatus.UNAUTHORIZED,
                                        "This device is not let in, or not any more. Sign in, or let it in from the kitchen's computer."))
                        .accessDeniedHandler((request, response, e) -> refuse(
                                response,
                                HttpStatus.FORBIDDEN,
                                "The page is older than its key. Open it anew, and press again: nothing was changed.")))
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain atTheKitchensComputer(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(rules -> rules.anyRequest().permitAll())
                .csrf(AbstractHttpConfigurer::disable)
                .headers(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .build();
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String sentence) throws IOException {
        PlainProblem.write(response, status, sentence);
    }

    /** Addresses that mean to lead somewhere else than they say. */
    @Bean
    RequestRejectedHandler crookedAddresses() {
        return (request, response, e) -> refuse(response, HttpStatus.NOT_FOUND, "There is nothing at this address.");
    }

    @Bean
    PasswordEncoder passwords() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }

    /** There are no users by name: one password, and devices. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }

    @Bean
    DefaultCookieSerializer sessionCookie() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName("kind-thimble");
        cookie.setCookieMaxAge((int) LONGEST_COOKIE.toSeconds());
        cookie.setUseHttpOnlyCookie(true);
        cookie.setUseSecureCookie(true);
        cookie.setSameSite("Strict");
        return cookie;
    }
}
