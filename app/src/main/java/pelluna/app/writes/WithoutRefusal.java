package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import pelluna.app.limits.Refused;

/** A request from outside, without the words in which a refusal is told. */
final class WithoutRefusal extends HttpServletRequestWrapper {
    private static final Set<String> OURS = Set.of(Refused.WHY, Refused.FIELD);

    WithoutRefusal(HttpServletRequest request) {
        super(request);
    }

    @Override
    public String getParameter(String name) {
        return OURS.contains(name) ? null : super.getParameter(name);
    }

    @Override
    public String[] getParameterValues(String name) {
        return OURS.contains(name) ? null : super.getParameterValues(name);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        Map<String, String[]> rest = new LinkedHashMap<>(super.getParameterMap());
        rest.keySet().removeAll(OURS);
        return rest;
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(getParameterMap().keySet());
    }
}
