package pelluna.app.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.util.Collections;
import java.util.Enumeration;
import java.util.Map;
import pelluna.app.writes.ByProgram;

/** What a program has sent, as the form of the page that writes the same. */
class FormOfJson extends HttpServletRequestWrapper {
    /** As draft-ietf-httpapi-idempotency-key-header has it, in quotes or without. */
    static final String KEY = "Idempotency-Key";

    private final String path;
    private final Map<String, String[]> fields;
    private final String type;

    /** @param type of the body that is left to read; null if all of it is in the fields */
    FormOfJson(HttpServletRequest sent, String path, Map<String, String[]> fields, String type) {
        super(sent);
        this.path = path;
        this.fields = fields;
        this.type = type;
    }

    /** The key of a request; null if it has none. */
    static String key(HttpServletRequest sent) {
        String key = sent.getHeader(KEY);
        return key == null ? null : key.strip().replaceAll("^\"|\"$", "");
    }

    @Override
    public String getRequestURI() {
        return path;
    }

    @Override
    public String getServletPath() {
        return path;
    }

    @Override
    public String getContentType() {
        return type;
    }

    @Override
    public String getHeader(String name) {
        return name.equals(ByProgram.KEY) ? key((HttpServletRequest) getRequest()) : super.getHeader(name);
    }

    @Override
    public String getParameter(String name) {
        String[] values = fields.get(name);
        return values == null || values.length == 0 ? null : values[0];
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        return Collections.unmodifiableMap(fields);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(fields.keySet());
    }

    @Override
    public String[] getParameterValues(String name) {
        return fields.get(name);
    }
}
