package urnstew.app.platform;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * One filter chain from the first day: strict headers, no sign-in yet, see {@link LoopbackGuard}.
 */
@Configuration
class SecurityConfiguration {
  private static final String CONTENT_POLICY =
      "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:;"
          + " font-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self';"
          + " frame-ancestors 'none'";

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http, @Value("${urnstew.open-to-network}") boolean openToNetwork) {
    // Cross-site writes are refused by origin, so no token is needed; there is no session.
    return http.csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
        .addFilterAfter(new LoopbackGuard(openToNetwork), SecurityContextHolderFilter.class)
        .addFilterAfter(new RequestLimits(), LoopbackGuard.class)
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .build();
  }

  /** A sign 0 is in no name and no word that is looked for. */
  @Bean
  HttpFirewall firewall() {
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedParameterValues(value -> value.indexOf('\0') < 0);
    return firewall;
  }

  /**
   * Nobody can sign in yet; without this the framework would invent a user and print a password.
   */
  @Bean
  UserDetailsService nobody() {
    return new InMemoryUserDetailsManager();
  }
}
