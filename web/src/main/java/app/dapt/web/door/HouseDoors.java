package app.dapt.web.door;

import java.util.List;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Lets Dapt answer on the house's addresses too, encrypted. */
@Component
class HouseDoors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {

    private static final int LARGEST_FORM = 128 * 1024;
    private static final int LARGEST_SWALLOWED = 64 * 1024 * 1024;
    private static final int WORD_MS = 10_000;
    private static final int KEPT_ALIVE_MS = 75_000;
    private static final int LEAST_COMPRESSED = 1024;

    private final House house;
    private final HouseKeys keys;
    private final Environment settings;

    HouseDoors(House house, HouseKeys keys, Environment settings) {
        this.house = house;
        this.keys = keys;
        this.settings = settings;
    }

    @Override
    public int getOrder() {
        // Before ServerLimits, which has something to say to every connector.
        return Ordered.HIGHEST_PRECEDENCE;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (house.isOpen()) {
            keys.prepare();
            List<Connector> doors = house.addresses().stream().map(this::door).toList();
            doors.forEach(house::opened);
            factory.addAdditionalConnectors(doors.toArray(Connector[]::new));
        }
    }

    private Connector door(String address) {
        Connector door = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        door.setScheme("https");
        door.setSecure(true);
        door.setPort(house.port());
        door.setMaxPostSize(LARGEST_FORM);
        door.setMaxLocaleCount(ServerLimits.MOST_LANGUAGES);
        door.setProperty("address", address);
        door.setProperty("SSLEnabled", "true");
        AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) door.getProtocolHandler();
        protocol.setConnectionTimeout(WORD_MS);
        protocol.setKeepAliveTimeout(KEPT_ALIVE_MS);
        protocol.setMaxSwallowSize(LARGEST_SWALLOWED);
        protocol.setCompression("on");
        protocol.setCompressionMinSize(LEAST_COMPRESSED);
        protocol.setCompressibleMimeType(settings.getProperty("server.compression.mime-types", "text/html"));
        SSLHostConfig encrypted = new SSLHostConfig();
        encrypted.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate certificate =
                new SSLHostConfigCertificate(encrypted, SSLHostConfigCertificate.Type.EC);
        certificate.setCertificateKeystoreFile(keys.keystore().toAbsolutePath().toString());
        certificate.setCertificateKeystorePassword(keys.secret());
        certificate.setCertificateKeystoreType("PKCS12");
        certificate.setCertificateKeyAlias(HouseKeys.SERVER);
        encrypted.addCertificate(certificate);
        door.addSslHostConfig(encrypted);
        return door;
    }
}
