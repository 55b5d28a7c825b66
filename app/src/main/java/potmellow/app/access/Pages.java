package potmellow.app.access;

import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.function.RequestPredicates;
import org.springframework.web.servlet.function.RouterFunction;
import org.springframework.web.servlet.function.RouterFunctions;
import org.springframework.web.servlet.function.ServerRequest;
import org.springframework.web.servlet.function.ServerResponse;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Every address of a view leads to the one page that draws them all, and so does any other that somebody looks at: that page says that
 * nothing is there. What the page is made of never changes under its name, so it is kept wherever it was fetched.
 */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {
    private static final List<String> ADDRESSES = List.of(
            "/",
            "/welcome",
            "/more",
            "/licences",
            "/phones",
            "/phone",
            "/in/{code:[A-Za-z0-9-]{1,20}}",
            "/guide",
            "/guide/{id:[a-z-]{2,40}}",
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
            "/practice",
            "/practice/{id:[a-z0-9-]{1,40}}",
            "/plan",
            "/plan/sheet",
            "/vessels",
            "/book",
            "/book/facts",
            "/book/methods/{id:[a-z0-9-]{2,60}}",
            "/book/methods/{id:[a-z0-9-]{2,60}}/own",
            "/book/schools/{id:[a-z0-9-]{2,60}}");

    /** What stands on labels: short, and there for as long as the bucket is. */
    private static final String ON_LABELS = "/c/{code:[A-Za-z0-9]{1,8}}";

    private static final List<PathPattern> VIEWS = Stream.concat(ADDRESSES.stream(), Stream.of(ON_LABELS))
            .map(PathPatternParser.defaultInstance::parse)
            .toList();

    private static final Pattern NEITHER_DATA_NOR_FILE = Pattern.compile("(?!/api(/|$)|/assets(/|$)|/v3(/|$))[^.]*");

    @Override
    public void addViewControllers(ViewControllerRegistry views) {
        for (String address : ADDRESSES) {
            views.addViewController(address).setViewName("forward:/index.html");
        }
        views.addRedirectViewController(ON_LABELS, "/codes/{code}");
    }

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        interceptors.addInterceptor(new RoleGate());
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry resources) {
        resources
                .addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
    }

    @Bean
    RouterFunction<ServerResponse> nothingHere() {
        return RouterFunctions.route(
                RequestPredicates.GET("/**")
                        .and(Pages::isLookedAt)
                        .and(request -> !isView(request))
                        .and(request ->
                                NEITHER_DATA_NOR_FILE.matcher(request.path()).matches()),
                request -> ServerResponse.status(HttpStatus.NOT_FOUND).render("forward:/index.html"));
    }

    private static boolean isView(ServerRequest request) {
        return VIEWS.stream()
                .anyMatch(view -> view.matches(request.requestPath().pathWithinApplication()));
    }

    private static boolean isLookedAt(ServerRequest request) {
        return request.headers().accept().stream().anyMatch(type -> type.equalsTypeAndSubtype(MediaType.TEXT_HTML));
    }
}
