package pelluna.app.probe;

import java.net.InetAddress;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import pelluna.app.account.Keepers;
import pelluna.app.limits.Refused;

/**
 * Which machines may be asked for a reading: those that whoever runs the server has listed; and, as long as there is
 * one account only, every machine of its own network. With more, a keeper could look around in the network of another.
 */
@Component
class AllowedProbes {
    private final Set<String> listed;
    private final Keepers keepers;

    /** @param listed names and numbers of machines, in {@code PELLUNA_PROBES} */
    AllowedProbes(@Value("${pelluna.probes:}") List<String> listed, Keepers keepers) {
        this.listed = listed.stream()
                .map(n -> n.strip().toLowerCase(Locale.ROOT))
                .filter(n -> !n.isEmpty())
                .collect(Collectors.toUnmodifiableSet());
        this.keepers = keepers;
    }

    /** @throws Refused, for a machine that may not be asked */
    void check(String host, InetAddress machine) {
        if (listed.contains(host.toLowerCase(Locale.ROOT)) || listed.contains(machine.getHostAddress())) {
            return;
        }
        if (!machine.isLoopbackAddress() && !machine.isSiteLocalAddress()) {
            throw new Refused(new ProbeRefusal.Outside(host));
        }
        if (keepers.count() > 1) {
            throw new Refused(new ProbeRefusal.NotListed(host));
        }
    }
}
