package reckonrod.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.web.authentication.rememberme.TokenBasedRememberMeServices;
import org.springframework.stereotype.Component;

/**
 * The cookie that stands for the password once it was given: signed, for a week, for every program on the same database, and
 * good for nothing once the password is another one.
 */
@Component
class AccessCookies extends TokenBasedRememberMeServices {
    private static final int SECONDS = 7 * 24 * 60 * 60;
    private static final String NAME = "reckonrod";

    AccessCookies(AccessSecret secret, UserDetailsService operator) {
        super(secret.text(), operator);
        setAlwaysRemember(true);
        setCookieName(NAME);
        setTokenValiditySeconds(SECONDS);
    }

    @Override
    protected void setCookie(String[] tokens, int maxAge, HttpServletRequest request, HttpServletResponse response) {
        Cookie cookie = new Cookie(NAME, encodeCookie(tokens));
        cookie.setMaxAge(maxAge);
        cookie.setPath("/");
        cookie.setHttpOnly(true);
        cookie.setSecure(request.isSecure());
        cookie.setAttribute("SameSite", "Strict");
        response.addCookie(cookie);
    }

    /** Takes the cookie away. */
    void cancel(HttpServletRequest request, HttpServletResponse response) {
        setCookie(new String[] {"", ""}, 0, request, response);
    }
}
