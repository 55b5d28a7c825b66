package potmellow.app.home;

import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Comparator;
import java.util.List;

/**
 * The addresses of this machine that only its own network reaches: private ones (RFC 1918) and unique local ones (RFC 4193). At any
 * other the garden never answers.
 */
final class HomeAddresses {
    private static final int UNIQUE_LOCAL = 0xfc;
    private static final int UNIQUE_LOCAL_BITS = 0xfe;

    private HomeAddresses() {}

    /** Those it has now, in a steady order, version 4 first. */
    static List<InetAddress> now() {
        try {
            return NetworkInterface.networkInterfaces()
                    .filter(HomeAddresses::works)
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(HomeAddresses::atHome)
                    .sorted(Comparator.comparing((InetAddress one) -> one instanceof Inet6Address)
                            .thenComparing(HomeAddresses::plain))
                    .toList();
        } catch (SocketException none) {
            return List.of();
        }
    }

    /** Those that were told instead. */
    static List<InetAddress> told(List<String> addresses) {
        return addresses.stream().map(HomeAddresses::numeric).toList();
    }

    private static InetAddress numeric(String address) {
        try {
            return InetAddress.getByName(address);
        } catch (UnknownHostException e) {
            throw new IllegalArgumentException("“" + address + "” is no address of this machine.", e);
        }
    }

    private static boolean works(NetworkInterface card) {
        try {
            return card.isUp() && !card.isLoopback();
        } catch (SocketException gone) {
            return false;
        }
    }

    static boolean atHome(InetAddress address) {
        return address instanceof Inet6Address
                ? (address.getAddress()[0] & UNIQUE_LOCAL_BITS) == UNIQUE_LOCAL
                : address.isSiteLocalAddress();
    }

    /** In numbers, without the card that it belongs to. */
    static String plain(InetAddress address) {
        return address.getHostAddress().replaceFirst("%.*", "");
    }

    /** As it is written in an address of a page, version 6 in brackets. */
    static String host(InetAddress address) {
        return address instanceof Inet6Address ? "[" + plain(address) + "]" : plain(address);
    }
}
