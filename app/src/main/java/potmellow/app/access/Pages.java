package potmellow.app.access;

import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Every address of a view leads to the one page that draws them all. */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {
    private static final List<String> ADDRESSES = List.of(
            "/",
            "/welcome",
            "/round",
            "/round/sheet",
            "/bottles",
            "/labels",
            "/codes",
            "/codes/{code:[A-Za-z0-9]{1,8}}",
            "/places",
            "/garden",
            "/garden/crops",
            "/garden/notebook",
            "/readings",
            "/pots",
            "/pots/new",
            "/pots/standing",
            "/pots/{id:[0-9a-f-]{36}}",
            "/mix",
            "/bench",
            "/bench/{id:[a-z]{2,20}}",
            "/plan",
            "/plan/sheet",
            "/vessels",
            "/book",
            "/book/facts",
            "/book/methods/{id:[a-z0-9-]{2,60}}",
            "/book/methods/{id:[a-z0-9-]{2,60}}/own",
            "/book/schools/{id:[a-z0-9-]{2,60}}");

    @Override
    public void addViewControllers(ViewControllerRegistry views) {
        for (String address : ADDRESSES) {
            views.addViewController(address).setViewName("forward:/index.html");
        }
    }
}
