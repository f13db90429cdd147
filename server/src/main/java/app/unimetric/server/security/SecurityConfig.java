package app.unimetric.server.security;

import app.unimetric.server.audit.AuditFilter;
import app.unimetric.server.gate.SecureCookies;
import app.unimetric.server.people.RightsNow;
import app.unimetric.server.problem.ProblemWriter;
import io.micrometer.observation.ObservationRegistry;
import java.util.Map;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.authentication.session.CompositeSessionAuthenticationStrategy;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfFilter;

/** Who may do what. */
@Configuration
class SecurityConfig {
  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data: blob:; style-src 'self'; style-src-attr 'unsafe-inline'; object-src 'none';"
          + " base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

  private static final String ARGON2 = "argon2id";

  /** Argon2id; what was kept with bcrypt is still read, and kept anew at the next sign-in. */
  @Bean
  PasswordEncoder passwordEncoder() {
    DelegatingPasswordEncoder encoder =
        new DelegatingPasswordEncoder(
            ARGON2, Map.of(ARGON2, Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8()));
    encoder.setDefaultPasswordEncoderForMatches(new BCryptPasswordEncoder());
    return encoder;
  }

  /** Nobody collects what each step of a call would tell of itself. */
  @Bean
  ObservationRegistry observations() {
    return ObservationRegistry.NOOP;
  }

  /** It stands in the chain of security, where the session is known; nowhere else. */
  @Bean
  FilterRegistrationBean<RightsNow> rightsOnlyInTheChain(RightsNow rights) {
    FilterRegistrationBean<RightsNow> registration = new FilterRegistrationBean<>(rights);
    registration.setEnabled(false);
    return registration;
  }

  /** Likewise: it asks who is signed in. */
  @Bean
  FilterRegistrationBean<AuditFilter> auditOnlyInTheChain(AuditFilter audit) {
    FilterRegistrationBean<AuditFilter> registration = new FilterRegistrationBean<>(audit);
    registration.setEnabled(false);
    return registration;
  }

  @Bean
  AuthenticationManager authenticationManager(UserDetailsService people, PasswordEncoder encoder) {
    DaoAuthenticationProvider provider = new DaoAuthenticationProvider(people);
    provider.setPasswordEncoder(encoder);
    return new ProviderManager(provider);
  }

  @Bean
  SecurityContextRepository securityContextRepository() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  CookieCsrfTokenRepository csrfTokens(SecureCookies secure) {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict").secure(secure.isNeeded()));
    return tokens;
  }

  @Bean
  SessionAuthenticationStrategy onSignIn(CookieCsrfTokenRepository tokens) {
    return new CompositeSessionAuthenticationStrategy(
        java.util.List.of(
            new ChangeSessionIdAuthenticationStrategy(), new CsrfAuthenticationStrategy(tokens)));
  }

  /** The compute calls: no session, no cookie, no sign-in; they store nothing. */
  @Bean
  @Order(1)
  SecurityFilterChain compute(HttpSecurity http) {
    return http.securityMatcher("/api/compute/**")
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .requestCache(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .authorizeHttpRequests(a -> a.anyRequest().permitAll())
        .build();
  }

  @Bean
  @Order(2)
  SecurityFilterChain workshop(
      HttpSecurity http,
      ProblemWriter problems,
      SecurityContextRepository contexts,
      CookieCsrfTokenRepository tokens,
      RightsNow rights,
      AuditFilter audit,
      SecureCookies secure) {
    return http.addFilterBefore(rights, AnonymousAuthenticationFilter.class)
        .addFilterBefore(audit, CsrfFilter.class)
        .addFilterAfter(new LateBodies(), AuthorizationFilter.class)
        .csrf(c -> c.spa().csrfTokenRepository(tokens))
        .securityContext(c -> c.securityContextRepository(contexts))
        .requestCache(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .headers(
            h ->
                h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY))
                    .httpStrictTransportSecurity(
                        s -> s.requestMatcher(request -> secure.isNeeded()))
                    .referrerPolicy(
                        r ->
                            r.policy(
                                org.springframework.security.web.header.writers
                                    .ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
                        (request, response, cause) ->
                            problems.write(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "Sign in first; what you entered is still here."))
                    .accessDeniedHandler(
                        (request, response, cause) ->
                            problems.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                cause instanceof org.springframework.security.web.csrf.CsrfException
                                    ? "This page is from an earlier visit; reload it and try again."
                                    : "Your role may read this but not change it.")))
        .authorizeHttpRequests(
            a ->
                a.requestMatchers(
                        "/api/session", "/api/session/first", "/api/workshop", "/actuator/health")
                    .permitAll()
                    .requestMatchers("/api/session/**")
                    .authenticated()
                    .requestMatchers(HttpMethod.GET, "/api/**")
                    .authenticated()
                    .requestMatchers("/api/**")
                    .hasAnyRole("MECHANIC", "LEAD")
                    .anyRequest()
                    .permitAll())
        .build();
  }
}
