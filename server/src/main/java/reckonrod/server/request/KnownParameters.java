package reckonrod.server.request;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import reckonrod.server.problem.ProblemException;

/** Turns away a parameter that an operation does not have: a mistyped {@code raduis} would else pass for none. */
class KnownParameters implements HandlerInterceptor {
    private final Map<HandlerMethod, Map<String, Boolean>> known = new ConcurrentHashMap<>();

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (handler instanceof HandlerMethod operation
                && request.getRequestURI().startsWith("/api/")
                && request.getQueryString() != null) {
            Map<String, Boolean> several = known.computeIfAbsent(operation, KnownParameters::of);
            request.getParameterMap().forEach((name, values) -> {
                if (!several.containsKey(name)) {
                    throw unknown(name, several.keySet());
                }
                if (values.length > 1 && !several.get(name)) {
                    throw refused("parameter-twice", name, name + " is given " + values.length + " times.");
                }
            });
        }
        return true;
    }

    /** The parameters of an operation by name, and whether each may be given several times. */
    private static Map<String, Boolean> of(HandlerMethod operation) {
        Map<String, Boolean> several = new TreeMap<>();
        for (MethodParameter parameter : operation.getMethodParameters()) {
            if (parameter.hasParameterAnnotation(RequestParam.class)) {
                several.put(
                        parameter.getParameter().getName(),
                        Collection.class.isAssignableFrom(parameter.getParameterType()));
            } else if (parameter.hasParameterAnnotation(ModelAttribute.class)) {
                for (RecordComponent component : parameter.getParameterType().getRecordComponents()) {
                    several.put(component.getName(), false);
                }
            }
        }
        return several;
    }

    private static ProblemException unknown(String name, Collection<String> names) {
        return refused(
                "parameter-unknown",
                name,
                "There is no parameter \"" + name + "\" here"
                        + (names.isEmpty() ? "; none is known." : "; known are " + String.join(", ", names) + "."));
    }

    private static ProblemException refused(String code, String name, String what) {
        return new ProblemException(HttpStatus.BAD_REQUEST, code, "A parameter is wrong", what, Map.of("field", name));
    }
}
