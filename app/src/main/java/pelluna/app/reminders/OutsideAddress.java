package pelluna.app.reminders;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.UnknownHostException;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Whether an address that a browser has named may be written to: HTTPS at its usual port, of a machine out there.
 * Whoever has an account could otherwise have this server knock at the doors of its own network.
 */
final class OutsideAddress {
    private static final int HTTPS = 443;
    private static final int CARRIER = 100;
    private static final int UNIQUE_LOCAL = 0xfc;

    private OutsideAddress() {}

    /** The address as it may be written to; empty for one that may not, by its form alone. */
    static Optional<URI> of(String endpoint) {
        try {
            URI uri = new URI(endpoint);
            boolean good = "https".equals(uri.getScheme())
                    && uri.getHost() != null
                    && uri.getUserInfo() == null
                    && (uri.getPort() < 0 || uri.getPort() == HTTPS);
            return good ? Optional.of(uri) : Optional.empty();
        } catch (URISyntaxException e) {
            return Optional.empty();
        }
    }

    /** Whether its machine is out there. Asks for its number. */
    static boolean outThere(URI uri) {
        try {
            return Stream.of(InetAddress.getAllByName(uri.getHost())).allMatch(OutsideAddress::outThere);
        } catch (UnknownHostException e) {
            return false;
        }
    }

    static boolean outThere(InetAddress machine) {
        byte[] number = machine.getAddress();
        int first = number[0] & 0xff;
        boolean shared = machine instanceof Inet6Address
                ? (first & 0xfe) == UNIQUE_LOCAL
                : first == 0 || first >= 240 || first == CARRIER && (number[1] & 0xc0) == 64;
        return !shared
                && !machine.isAnyLocalAddress()
                && !machine.isLoopbackAddress()
                && !machine.isLinkLocalAddress()
                && !machine.isSiteLocalAddress()
                && !machine.isMulticastAddress();
    }
}
