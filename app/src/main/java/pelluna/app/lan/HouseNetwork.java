package pelluna.app.lan;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import pelluna.app.guard.OurNames;

/** By which addresses and names this machine is reached in the house, with the authority that vouches for them. */
class HouseNetwork implements OurNames {
    private final String host;
    private final int port;
    private final List<InetAddress> addresses;
    private final HouseAuthority authority;

    /**
     * @param folder  where the authority is kept
     * @param port    of HTTPS
     * @param address one of this machine; empty for all of its private ones
     */
    HouseNetwork(
            @Value("${pelluna.lan.folder}") Path folder,
            @Value("${pelluna.lan.port:8443}") int port,
            @Value("${pelluna.lan.address:}") String address,
            Clock clock)
            throws IOException, GeneralSecurityException {
        this.port = port;
        this.host = hostName();
        this.addresses = address.isEmpty() ? own() : List.of(InetAddress.getByName(address));
        if (addresses.isEmpty()) {
            throw new IllegalStateException(
                    "This machine has no address in a private network. Name one: --lan ADDRESS");
        }
        this.authority = new HouseAuthority(
                folder,
                host,
                addresses.stream().filter(a -> !a.isSiteLocalAddress()).toList(),
                clock);
        authority.issue(host, addresses);
    }

    private static String hostName() {
        try {
            return InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
        } catch (UnknownHostException e) {
            return "pelluna";
        }
    }

    /** The private IPv4 addresses of this machine that are up. */
    private static List<InetAddress> own() throws IOException {
        List<InetAddress> own = new ArrayList<>();
        for (NetworkInterface card : Collections.list(NetworkInterface.getNetworkInterfaces())) {
            if (card.isUp() && !card.isLoopback()) {
                Collections.list(card.getInetAddresses()).stream()
                        .filter(a -> a instanceof Inet4Address && a.isSiteLocalAddress())
                        .forEach(own::add);
            }
        }
        return own;
    }

    List<InetAddress> addresses() {
        return addresses;
    }

    int port() {
        return port;
    }

    HouseAuthority authority() {
        return authority;
    }

    /** The address that a phone opens, without a slash at its end. */
    String site() {
        return "https://" + addresses.get(0).getHostAddress() + ":" + port;
    }

    @Override
    public List<String> names() {
        List<String> names = new ArrayList<>(HouseAuthority.hostNames(host));
        addresses.forEach(a -> names.add(a.getHostAddress()));
        return names;
    }
}
