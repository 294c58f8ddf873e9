package pelluna.app.probe;

import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.Set;
import java.util.regex.Pattern;
import pelluna.app.limits.Refused;

/**
 * Where a probe is asked: plain HTTP, a machine of the own house, a port that a device has. A name is looked up
 * once, and what was looked up is asked.
 *
 * @param typed   as the keeper wrote it
 * @param machine what its name led to
 */
record ProbeAddress(URI typed, InetAddress machine) {
    private static final Set<Integer> WELL_KNOWN = Set.of(80, 443);
    private static final int FREE_FROM = 1025;
    private static final int MOST_LETTERS = 200;
    /**
     * A dotted address, a name with a letter in it, or an IPv6 address in brackets; no other ways to write a number.
     */
    private static final Pattern HOST =
            Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|(?=.*[A-Za-z])(?!0[xX])[A-Za-z0-9.-]+|\\[[0-9a-fA-F:]+]");

    /**
     * @param taken ports of Pelluna itself and of its database
     * @throws Refused
     */
    static ProbeAddress of(String text, Set<Integer> taken, AllowedProbes allowed) {
        URI uri;
        try {
            uri = URI.create(text.strip());
        } catch (IllegalArgumentException e) {
            throw new Refused("", new ProbeRefusal.NoAddress(text), e);
        }
        if (!"http".equals(uri.getScheme())
                || uri.getHost() == null
                || uri.getUserInfo() != null
                || text.length() > MOST_LETTERS
                || !HOST.matcher(uri.getHost()).matches()) {
            throw new Refused(new ProbeRefusal.NoMachine());
        }
        int port = port(uri);
        if (!WELL_KNOWN.contains(port) && port < FREE_FROM || port > 65_535 || taken.contains(port)) {
            throw new Refused(new ProbeRefusal.NoPort(port));
        }
        return new ProbeAddress(uri, machine(uri.getHost(), allowed));
    }

    private static InetAddress machine(String host, AllowedProbes allowed) {
        try {
            InetAddress machine = InetAddress.getByName(host);
            allowed.check(host, machine);
            return machine;
        } catch (UnknownHostException e) {
            throw new Refused("", new ProbeRefusal.Unknown(host), e);
        }
    }

    private static int port(URI uri) {
        return uri.getPort() < 0 ? 80 : uri.getPort();
    }

    /** What is asked: the machine by its number, so that its name cannot lead elsewhere meanwhile. */
    URI asked() {
        String number = machine.getHostAddress();
        String query = typed.getRawQuery() == null ? "" : "?" + typed.getRawQuery();
        String path = typed.getRawPath() == null || typed.getRawPath().isEmpty() ? "/" : typed.getRawPath();
        return URI.create("http://" + (number.contains(":") ? "[" + number.replaceFirst("%.*", "") + "]" : number) + ":"
                + port(typed) + path + query);
    }
}
