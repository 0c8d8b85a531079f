package reckonrod.server;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may come in. On loopback everybody at this machine may, but no other web site through their browser: the host name
 * must be this machine's and a change must not come from another origin. Anywhere else a password is needed.
 */
@Configuration
class AccessConfiguration {
    private static final Set<String> LOOPBACK_NAMES = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

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
    SecurityFilterChain access(HttpSecurity http) throws Exception {
        http.csrf(csrf -> csrf.disable())
                .requestCache(cache -> cache.disable())
                .addFilterBefore(new SameSiteFilter(), AuthorizationFilter.class);
        if (password.isBlank()) {
            http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll());
        } else {
            http.authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                    .httpBasic(Customizer.withDefaults());
        }
        return http.build();
    }

    @Bean
    UserDetailsService operator() {
        if (password.isBlank()) {
            return new InMemoryUserDetailsManager();
        }
        return new InMemoryUserDetailsManager(
                User.withUsername("operator").password("{noop}" + password).build());
    }

    private final class SameSiteFilter extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String origin = request.getHeader("Origin");
            boolean foreignName =
                    loopback && !LOOPBACK_NAMES.contains(request.getServerName().toLowerCase(Locale.ROOT));
            if (foreignName || (origin != null && !isOwn(origin, request))) {
                response.setStatus(HttpServletResponse.SC_FORBIDDEN);
                response.setContentType("application/problem+json");
                response.getWriter()
                        .write(
                                "{\"title\":\"Not from here\",\"status\":403,\"code\":\"other-origin\",\"detail\":"
                                        + "\"The request came from another web site. Open Reckonrod by the address it printed.\"}");
                return;
            }
            chain.doFilter(request, response);
        }

        private boolean isOwn(String origin, HttpServletRequest request) {
            try {
                URI uri = URI.create(origin);
                return request.getServerName().equalsIgnoreCase(uri.getHost())
                        && uri.getPort() == request.getServerPort();
            } catch (IllegalArgumentException noAddress) {
                return false;
            }
        }
    }
}
