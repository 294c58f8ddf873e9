package pelluna.app.lan;

import java.net.InetAddress;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.AbstractHttp11Protocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;

/** Listens on the private addresses too, by HTTPS alone; plain HTTP stays on loopback. */
@Configuration
class HouseConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final ObjectProvider<HouseNetwork> network;

    HouseConnector(ObjectProvider<HouseNetwork> network) {
        this.network = network;
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        network.ifAvailable(n -> n.addresses().forEach(a -> server.addAdditionalConnectors(listening(a, n))));
    }

    private static Connector listening(InetAddress address, HouseNetwork network) {
        Connector connector = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        connector.setPort(network.port());
        connector.setScheme("https");
        connector.setSecure(true);
        AbstractHttp11Protocol<?> protocol = (AbstractHttp11Protocol<?>) connector.getProtocolHandler();
        protocol.setAddress(address);
        protocol.setSSLEnabled(true);
        protocol.setMaxThreads(16);
        SSLHostConfig tls = new SSLHostConfig();
        tls.setProtocols("TLSv1.2+TLSv1.3");
        SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.EC);
        certificate.setCertificateFile(network.authority().file("server.crt").toString());
        certificate.setCertificateKeyFile(network.authority().file("server.key").toString());
        tls.addCertificate(certificate);
        connector.addSslHostConfig(tls);
        return connector;
    }
}
