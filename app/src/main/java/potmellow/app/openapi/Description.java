package potmellow.app.openapi;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The head of the description of the interface. */
@Configuration(proxyBeanMethods = false)
class Description {
    @Bean
    OpenAPI interfaceDescription() {
        return new OpenAPI()
                .info(new Info()
                        .title("Pot Mellow")
                        .version("1")
                        .description(
                                "Everything the browser asks of Pot Mellow. Errors are RFC 9457 problem details with"
                                        + " code, field, given, minimum, maximum and unit where they apply."))
                .servers(List.of(new Server().url("/")));
    }
}
