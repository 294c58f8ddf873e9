package pelluna.app.writes;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.web.util.UriComponentsBuilder;

/** A request that was forwarded from a refused write, as if somebody had asked for the page. */
class ReadRequest extends HttpServletRequestWrapper {
    private final Map<String, String[]> asked = new LinkedHashMap<>();

    ReadRequest(HttpServletRequest forwarded) {
        super(forwarded);
        UriComponentsBuilder.newInstance()
                .query(forwarded.getQueryString())
                .build()
                .getQueryParams()
                .forEach((name, values) ->
                        asked.put(name, values.stream().map(ReadRequest::plain).toArray(String[]::new)));
    }

    private static String plain(String value) {
        return value == null ? "" : java.net.URLDecoder.decode(value, java.nio.charset.StandardCharsets.UTF_8);
    }

    @Override
    public String getMethod() {
        return "GET";
    }

    @Override
    public String getContentType() {
        return null;
    }

    @Override
    public String getParameter(String name) {
        String[] values = asked.get(name);
        return values == null || values.length == 0 ? null : values[0];
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        return Collections.unmodifiableMap(asked);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(asked.keySet());
    }

    @Override
    public String[] getParameterValues(String name) {
        return asked.get(name);
    }
}
