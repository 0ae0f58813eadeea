package kindthimble.app.reach;

import java.nio.file.Path;
import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How the application is shared on the home network.
 *
 * @param port on which devices reach it by TLS; 0 where it is not shared
 * @param names by which they do: addresses and host names, those of the certificate
 * @param keystore with the certificate, PKCS 12
 * @param keystorePassword of that
 * @param newPassword file with a password that was chosen just now; it is read once, and removed
 */
@ConfigurationProperties("kind-thimble.share")
record Share(
        @DefaultValue("0") int port,
        @DefaultValue List<String> names,
        Path keystore,
        @DefaultValue("") String keystorePassword,
        Path newPassword) {

    boolean isOn() {
        return port > 0 && keystore != null && !keystore.toString().isEmpty();
    }

    /** Where a device finds it. */
    List<String> addresses() {
        return names.stream()
                .map(name -> "https://" + (name.contains(":") ? "[" + name + "]" : name) + ":" + port)
                .toList();
    }
}
