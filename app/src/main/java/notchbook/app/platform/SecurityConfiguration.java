package notchbook.app.platform;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who gets in, and what a browser may do with what we send it. */
@Configuration
class SecurityConfiguration {
    /** Everything comes from here; blob: holds pictures and sounds that wait on the device to be sent. */
    private static final String CONTENT_SECURITY_POLICY =
            "default-src 'self'; img-src 'self' blob: data:; media-src 'self' blob:; "
                    + "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, SecurityContextRepository contexts) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/sign-in",
                                "/api/me",
                                "/api/first-visit",
                                "/api/password-strength",
                                "/api/task-feed/*.ics",
                                "/api/seal-keys",
                                "/api/phone/**")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/reading/*/word", "/reading/*/answer")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(csrf -> csrf.spa())
                .securityContext(context -> context.securityContextRepository(contexts))
                .exceptionHandling(problems ->
                        problems.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .logout(logout -> logout.logoutUrl("/api/sign-out")
                        .logoutSuccessHandler(
                                (request, response, was) -> response.setStatus(HttpServletResponse.SC_NO_CONTENT)))
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                        .permissionsPolicyHeader(
                                policy -> policy.policy("geolocation=(), camera=(self), microphone=(self)"))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords() {
        return Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8();
    }
}
