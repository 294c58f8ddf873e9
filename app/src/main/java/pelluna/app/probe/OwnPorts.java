package pelluna.app.probe;

import java.util.HashSet;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Ports on which Pelluna itself and its database answer: no probe does. */
@Component
class OwnPorts {
    private static final Pattern PORT = Pattern.compile("//[^/]*:(\\d+)/");
    private final Environment environment;

    OwnPorts(Environment environment) {
        this.environment = environment;
    }

    Set<Integer> taken() {
        Set<Integer> taken = new HashSet<>();
        for (String key : new String[] {"local.server.port", "server.port"}) {
            Integer port = environment.getProperty(key, Integer.class);
            if (port != null && port > 0) {
                taken.add(port);
            }
        }
        Matcher database = PORT.matcher(environment.getProperty("spring.datasource.url", ""));
        if (database.find()) {
            taken.add(Integer.valueOf(database.group(1)));
        }
        return taken;
    }
}
