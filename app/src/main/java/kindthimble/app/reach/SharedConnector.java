package kindthimble.app.reach;

import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** A second door, by TLS, on all addresses; the first one stays on loopback. */
@Configuration(proxyBeanMethods = false)
@EnableConfigurationProperties(Share.class)
class SharedConnector {
    /** With those at the kitchen's computer fewer than there are connections to the database. */
    private static final int MOST_THREADS = 12;

    /** Of TLS 1.2 only suites that encrypt and seal in one (RFC 5288, RFC 7905), with keys that nobody has later. */
    private static final String SUITES = "ECDHE+AESGCM:ECDHE+CHACHA20";

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> sharedDoor(Share share) {
        return factory -> {
            if (share.isOn()) {
                factory.addAdditionalConnectors(connector(share));
            }
        };
    }

    private static Connector connector(Share share) {
        Connector connector = new Connector(Http11NioProtocol.class.getName());
        connector.setPort(share.port());
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setProperty("SSLEnabled", "true");
        connector.setProperty("maxThreads", Integer.toString(MOST_THREADS));
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols("TLSv1.2+TLSv1.3");
        host.setCiphers(SUITES);
        SSLHostConfigCertificate certificate =
                new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.UNDEFINED);
        certificate.setCertificateKeystoreFile(share.keystore().toAbsolutePath().toString());
        certificate.setCertificateKeystorePassword(share.keystorePassword());
        certificate.setCertificateKeystoreType("PKCS12");
        host.addCertificate(certificate);
        connector.addSslHostConfig(host);
        return connector;
    }
}
