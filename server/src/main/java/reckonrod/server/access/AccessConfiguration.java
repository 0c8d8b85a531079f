package reckonrod.server.access;

import java.net.InetAddress;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.RememberMeAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import reckonrod.server.ReckonrodSettings;

/**
 * Who may come in. On loopback everybody at this machine may, but no other web site through their browser: the host name
 * must be this machine's and a change must not come from another origin. Anywhere else a password is needed; it is given once
 * and a signed cookie stands for it afterwards. The web client itself holds nothing and is open to all.
 */
@Configuration
class AccessConfiguration {
    // Styles are put into the page by the widgets; everything else comes from files of ours.
    private static final String CONTENT = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline';"
            + " img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; manifest-src 'self';"
            + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private final boolean loopback;
    private final String password;

    AccessConfiguration(ReckonrodSettings settings, @Value("${server.address}") InetAddress address) {
        this.loopback = address.isLoopbackAddress();
        this.password = settings.password();
        if (!loopback && password.isBlank()) {
            throw new IllegalStateException("Reckonrod was to listen on " + address.getHostAddress()
                    + ", which others can reach. Set RECKONROD_PASSWORD, or leave RECKONROD_ADDRESS at 127.0.0.1.");
        }
    }

    @Bean
    SecurityFilterChain access(HttpSecurity http, AccessCookies cookies, PasswordCheck check) throws Exception {
        http.csrf(csrf -> csrf.disable())
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(AccessConfiguration::headers)
                .addFilterBefore(new OriginFilter(loopback && password.isBlank()), AuthorizationFilter.class);
        if (password.isBlank()) {
            http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll());
        } else {
            http.authorizeHttpRequests(requests -> requests.requestMatchers("/api/session")
                            .permitAll()
                            .requestMatchers("/api/**")
                            .authenticated()
                            .anyRequest()
                            .permitAll())
                    .authenticationManager(new ProviderManager(
                            check.forRequests(), new RememberMeAuthenticationProvider(cookies.getKey())))
                    .rememberMe(remember -> remember.rememberMeServices(cookies).key(cookies.getKey()))
                    .httpBasic(basic -> basic.authenticationEntryPoint(new Refusal()))
                    .exceptionHandling(refused -> refused.authenticationEntryPoint(new Refusal()));
        }
        return http.build();
    }

    private static void headers(HeadersConfigurer<HttpSecurity> headers) {
        headers.contentSecurityPolicy(content -> content.policyDirectives(CONTENT))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                .crossOriginOpenerPolicy(opener -> opener.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                .crossOriginResourcePolicy(resource -> resource.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                .permissionsPolicyHeader(
                        permissions -> permissions.policy("geolocation=(self), camera=(), microphone=(), usb=()"));
    }

    /**
     * Believes a configured proxy when it says who asks and how, and nobody else: anybody on this machine could otherwise claim another
     * address for each guess of the password.
     */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> proxies(ReckonrodSettings settings) {
        return factory -> {
            if (!settings.allowed().proxies().isBlank()) {
                RemoteIpValve valve = new RemoteIpValve();
                valve.setInternalProxies(settings.allowed().proxies());
                valve.setProtocolHeader("X-Forwarded-Proto");
                valve.setHostHeader("X-Forwarded-Host");
                valve.setPortHeader("X-Forwarded-Port");
                factory.addEngineValves(valve);
            }
        };
    }

    /** The only one there is; on loopback without a password nobody asks for them. */
    @Bean
    UserDetailsService operator() {
        return new InMemoryUserDetailsManager(PasswordCheck.operator(password));
    }
}
