package cahier.app.web;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says in the log where the application is. */
@Component
class ReadyMessage {

    private static final Logger LOG = LoggerFactory.getLogger(ReadyMessage.class);

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext server && server.getWebServer() != null) {
            LOG.info("Cahier is ready at http://127.0.0.1:{}", server.getWebServer().getPort());
        }
    }
}
