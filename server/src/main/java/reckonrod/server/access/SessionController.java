package reckonrod.server.access;

import io.swagger.v3.oas.annotations.Parameter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import reckonrod.server.ReckonrodSettings;

/** Coming in with the password, and leaving. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final ReckonrodSettings settings;
    private final PasswordCheck check;
    private final AccessCookies cookies;

    SessionController(ReckonrodSettings settings, PasswordCheck check, AccessCookies cookies) {
        this.settings = settings;
        this.check = check;
        this.cookies = cookies;
    }

    /** Whether a password is needed here, and whether it was given. */
    record SessionView(boolean passwordNeeded, boolean open) {}

    /** The password. */
    record PasswordRequest(
            @NotNull(message = "must be given") @Size(max = 1000, message = "must be at most 1000 characters")
            String password) {}

    @GetMapping
    SessionView get(@Parameter(hidden = true) Authentication who) {
        boolean needed = !settings.password().isBlank();
        return new SessionView(needed, !needed || who != null);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void open(@Valid @RequestBody PasswordRequest request, HttpServletRequest from, HttpServletResponse response) {
        try {
            cookies.loginSuccess(from, response, check.check(from.getRemoteAddr(), request.password()));
        } catch (AuthenticationException refused) {
            throw Refusal.of(refused);
        }
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(HttpServletRequest from, HttpServletResponse response) {
        cookies.cancel(from, response);
    }
}
