package app.dapt.web.door;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.Certificate;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * The keys for encrypting what goes through the house: a small authority of this installation's own and a certificate
 * for the names it is called by, made by the JDK's keytool at the first start and kept. The certificate is made anew
 * where a name is new or its time comes to an end; the authority stays, so that who trusts it need not do so again.
 */
@Component
public class HouseKeys {

    private static final String STORE = "PKCS12";
    private static final String AUTHORITY = "authority";
    static final String SERVER = "server";
    private static final int AUTHORITY_DAYS = 3650;
    /** Browsers trust none for longer. */
    private static final int SERVER_DAYS = 397;

    private static final Duration RENEWED_BEFORE = Duration.ofDays(60);
    private static final int SECRET_BYTES = 32;

    private final House house;
    private final Clock clock;

    HouseKeys(House house, Clock clock) {
        this.house = house;
        this.clock = clock;
    }

    private Path file(String name) {
        return house.keys().resolve(name);
    }

    Path keystore() {
        return file("server.p12");
    }

    String secret() {
        try {
            return Files.readString(file("secret")).strip();
        } catch (IOException e) {
            throw new IllegalStateException("the secret of the house's keys is not there", e);
        }
    }

    /** Makes what is not there yet, or not good any more. */
    void prepare() {
        try {
            Files.createDirectories(
                    house.keys(), PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
            if (!Files.exists(file("secret"))) {
                byte[] secret = new byte[SECRET_BYTES];
                new SecureRandom().nextBytes(secret);
                Files.writeString(file("secret"), HexFormat.of().formatHex(secret));
                Files.setPosixFilePermissions(file("secret"), PosixFilePermissions.fromString("rw-------"));
            }
            if (!Files.exists(file("authority.p12"))) {
                makeAuthority();
            }
            if (!isGood()) {
                makeServer();
            }
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException("the keys for the house's network could not be made", e);
        }
    }

    /** Whether there is a certificate for all names that is good for a while. */
    private boolean isGood() throws IOException, GeneralSecurityException {
        boolean isForNames =
                Files.exists(file("names")) && Files.readAllLines(file("names")).equals(house.names());
        if (!isForNames || !Files.exists(keystore())) {
            return false;
        }
        X509Certificate known = (X509Certificate) load(keystore()).getCertificate(SERVER);
        Instant end = known.getNotAfter().toInstant();
        return clock.instant().plus(RENEWED_BEFORE).isBefore(end);
    }

    private void makeAuthority() throws IOException {
        keytool(List.of(
                "-genkeypair",
                "-alias",
                AUTHORITY,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-dname",
                "CN=Dapt of this house, O=Dapt",
                "-ext",
                "bc:critical=ca:true,pathlen:0",
                "-ext",
                "ku:critical=keyCertSign,cRLSign",
                "-validity",
                String.valueOf(AUTHORITY_DAYS),
                "-keystore",
                file("authority.p12").toString()));
        keytool(List.of(
                "-exportcert",
                "-alias",
                AUTHORITY,
                "-rfc",
                "-file",
                file("authority.pem").toString(),
                "-keystore",
                file("authority.p12").toString()));
    }

    private void makeServer() throws IOException {
        Files.deleteIfExists(keystore());
        String store = keystore().toString();
        String names = house.names().stream()
                .map(name -> (name.matches("[0-9.]+|.*:.*") ? "ip:" : "dns:") + name)
                .collect(Collectors.joining(",", "san=", ""));
        keytool(List.of(
                "-genkeypair",
                "-alias",
                SERVER,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-dname",
                "CN=Dapt, O=Dapt",
                "-keystore",
                store));
        keytool(List.of(
                "-certreq", "-alias", SERVER, "-file", file("server.csr").toString(), "-keystore", store));
        keytool(List.of(
                "-gencert",
                "-alias",
                AUTHORITY,
                "-rfc",
                "-infile",
                file("server.csr").toString(),
                "-outfile",
                file("server.pem").toString(),
                "-validity",
                String.valueOf(SERVER_DAYS),
                "-ext",
                names,
                "-ext",
                "eku=serverAuth",
                "-ext",
                "ku:critical=digitalSignature",
                "-keystore",
                file("authority.p12").toString()));
        keytool(List.of(
                "-importcert",
                "-noprompt",
                "-alias",
                AUTHORITY,
                "-file",
                file("authority.pem").toString(),
                "-keystore",
                store));
        keytool(List.of(
                "-importcert",
                "-noprompt",
                "-alias",
                SERVER,
                "-file",
                file("server.pem").toString(),
                "-keystore",
                store));
        Files.write(file("names"), house.names());
    }

    private void keytool(List<String> what) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "keytool").toString());
        command.addAll(what);
        command.addAll(
                List.of("-storetype", STORE, "-storepass:file", file("secret").toString()));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            if (!process.waitFor(1, TimeUnit.MINUTES) || process.exitValue() != 0) {
                throw new IOException("keytool " + what.get(0) + ": " + said.strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    private KeyStore load(Path path) throws IOException, GeneralSecurityException {
        try (var in = Files.newInputStream(path)) {
            KeyStore store = KeyStore.getInstance(STORE);
            store.load(in, secret().toCharArray());
            return store;
        }
    }

    /** The authority's certificate, for a device that is to trust it. */
    public byte[] authority() {
        try {
            return load(keystore()).getCertificate(AUTHORITY).getEncoded();
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException("the authority's certificate is not there", e);
        }
    }

    /** What a careful person compares: the first bytes of the SHA-256 of the certificate a device is shown. */
    public String fingerprint() {
        try {
            Certificate shown = load(keystore()).getCertificate(SERVER);
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(shown.getEncoded());
            return HexFormat.ofDelimiter(" ").formatHex(hash).toUpperCase(Locale.ROOT);
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException("the certificate is not there", e);
        }
    }
}
