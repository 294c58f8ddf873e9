package pelluna.app.signin;

import java.util.LinkedHashMap;
import java.util.Map;

/** What a browser is called, as far as it says: enough to know one's own devices by. */
public final class Browsers {
    private static final Map<String, String> BROWSERS = new LinkedHashMap<>();
    private static final Map<String, String> SYSTEMS = new LinkedHashMap<>();

    static {
        BROWSERS.put("Firefox/", "Firefox");
        BROWSERS.put("Edg/", "Edge");
        BROWSERS.put("Chrome/", "Chrome");
        BROWSERS.put("Safari/", "Safari");
        SYSTEMS.put("iPhone", "iPhone");
        SYSTEMS.put("iPad", "iPad");
        SYSTEMS.put("Android", "Android");
        SYSTEMS.put("Windows", "Windows");
        SYSTEMS.put("Mac OS", "macOS");
        SYSTEMS.put("Linux", "Linux");
    }

    private Browsers() {}

    /** @param agent what the browser called itself; names of both, parted by a dot; empty if neither is known */
    public static String name(String agent) {
        String browser = first(BROWSERS, agent);
        String system = first(SYSTEMS, agent);
        return browser.isEmpty() || system.isEmpty() ? browser + system : browser + " · " + system;
    }

    private static String first(Map<String, String> names, String agent) {
        return names.entrySet().stream()
                .filter(e -> agent.contains(e.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }
}
