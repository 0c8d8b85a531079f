package reckonrod.server.access;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import reckonrod.server.ReckonrodSettings;

/** Compares passwords, slows down who guesses, and writes down who was wrong. */
@Component
class PasswordCheck {
    private static final Logger LOG = LoggerFactory.getLogger(PasswordCheck.class);

    private final byte[] right;
    private final String password;
    private final Throttle throttle = new Throttle(System::nanoTime);

    PasswordCheck(ReckonrodSettings settings) {
        this.password = settings.password();
        this.right = hash(password);
    }

    static UserDetails operator(String password) {
        return User.withUsername("operator")
                .password(password)
                .roles("OPERATOR")
                .build();
    }

    /** For requests that bring the password themselves. */
    AuthenticationProvider forRequests() {
        return new AuthenticationProvider() {
            @Override
            public Authentication authenticate(Authentication given) {
                String address = given.getDetails() instanceof WebAuthenticationDetails details
                        ? String.valueOf(details.getRemoteAddress())
                        : "an unknown address";
                return check(address, String.valueOf(given.getCredentials()));
            }

            @Override
            public boolean supports(Class<?> kind) {
                return UsernamePasswordAuthenticationToken.class.isAssignableFrom(kind);
            }
        };
    }

    /**
     * Checks a password.
     *
     * @param address where it comes from
     * @throws BadCredentialsException if it is wrong
     * @throws LockedException if too many from there were wrong just now; it is not even looked at then
     */
    Authentication check(String address, String given) {
        Duration wait = throttle.waitOf(address);
        if (!wait.isZero()) {
            throw new LockedException("Too many wrong passwords came from there. Wait " + Math.max(1, wait.toSeconds())
                    + " s, then try again.");
        }
        if (!MessageDigest.isEqual(right, hash(given))) {
            throttle.wrong(address);
            LOG.warn("A wrong password came from {}", address);
            throw new BadCredentialsException("That is not the password.");
        }
        throttle.right(address);
        UserDetails operator = operator(password);
        return UsernamePasswordAuthenticationToken.authenticated(operator, null, operator.getAuthorities());
    }

    // Both are hashed, so that neither length nor beginning can be told from the time that it takes.
    private static byte[] hash(String text) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
