package app.dapt.web.door;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The house's network: whether Dapt answers there too, on which addresses, and which requests come from there. Without
 * a setting it answers on this machine alone.
 */
@Component
public class House {

    private static final String ALL = "auto";

    private final List<String> addresses;
    private final int port;
    private final Path keys;
    private final List<Connector> doors = new CopyOnWriteArrayList<>();

    /**
     * @param asked addresses of this machine to answer on; {@code auto} for all it has in the house; none for none
     * @param port  nought for any that is free
     * @param keys  where the keys for encrypting are kept
     */
    House(
            @Value("${dapt.house.addresses:}") List<String> asked,
            @Value("${dapt.house.port:0}") int port,
            @Value("${dapt.house.keys:}") String keys) {
        this.addresses = asked.equals(List.of(ALL))
                ? ofThisMachine()
                : asked.stream().filter(each -> !each.isBlank()).toList();
        this.port = port;
        this.keys = Path.of(keys.isEmpty() ? "house-keys" : keys);
    }

    /** Whether it answers in the house at all. */
    public boolean isOpen() {
        return !addresses.isEmpty();
    }

    public List<String> addresses() {
        return addresses;
    }

    int port() {
        return port;
    }

    Path keys() {
        return keys;
    }

    /** The names and addresses under which it is called in the house. */
    List<String> names() {
        return isOpen()
                ? Stream.concat(addresses.stream(), hostNames().stream())
                        .distinct()
                        .toList()
                : List.of();
    }

    private static List<String> hostNames() {
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            boolean isName = name.matches("[a-z0-9]([a-z0-9-]{0,61}[a-z0-9])?");
            return isName ? List.of(name, name + ".local") : List.of();
        } catch (UnknownHostException nameless) {
            return List.of();
        }
    }

    /** Where a device in the house calls it, once it has begun. */
    public List<String> origins() {
        return doors.stream()
                .map(door -> "https://" + address(door) + ":" + door.getLocalPort())
                .toList();
    }

    private static String address(Connector door) {
        return ((InetAddress) door.getProperty("address")).getHostAddress();
    }

    void opened(Connector door) {
        doors.add(door);
    }

    /** Whether a request to one of this machine's ports came from the house rather than from this machine itself. */
    public boolean isDoor(int localPort) {
        return doors.stream().anyMatch(door -> door.getLocalPort() == localPort);
    }

    private static List<String> ofThisMachine() {
        List<String> found = new ArrayList<>();
        try {
            for (NetworkInterface net : NetworkInterface.networkInterfaces().toList()) {
                if (net.isUp() && !net.isLoopback() && !net.isVirtual()) {
                    net.inetAddresses()
                            .filter(InetAddress::isSiteLocalAddress)
                            .map(InetAddress::getHostAddress)
                            .forEach(found::add);
                }
            }
        } catch (SocketException unknown) {
            return List.of();
        }
        return found;
    }
}
