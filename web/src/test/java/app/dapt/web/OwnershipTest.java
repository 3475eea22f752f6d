package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What belongs to another workroom is to nobody here what it never was: the same answer, by any way in. */
@WithSite
class OwnershipTest {

    private static final String THEIRS = "880001";
    private static final String NOBODYS = "880002";
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private static final String NEXT_DOOR = "(select id from workroom where name = 'Next door')";

    /** A number that changes with anything next door. */
    private static long state(Site site) {
        String rows = Stream.of("cover", "cover_set", "thing", "log_entry", "device", "link", "client_card")
                .map(table -> "(select string_agg(t::text, ',' order by t.id) from " + table + " t where workroom_id = "
                        + NEXT_DOOR + ")")
                .collect(Collectors.joining(", "));
        return site.number("select hashtext(concat_ws('|', " + rows
                + ", (select string_agg(r::text, ',' order by number) from revision r where cover_id = " + THEIRS
                + "), (select string_agg(m::text, ',' order by id) from movement m where thing_id = " + THEIRS + ")))");
    }

    private static void furnishNextDoor(Site site) {
        String in = " overriding system value values (" + THEIRS + ", " + NEXT_DOOR;
        List.of(
                        "insert into workroom (name) values ('Next door')",
                        "insert into cover (id, workroom_id)" + in + ")",
                        "insert into revision (cover_id, number, plan, gesture) select " + THEIRS
                                + ", 1, plan, '' from revision where cover_id = 4 and number = 1",
                        "insert into cover_set (id, workroom_id, name)" + in + ", 'Their set')",
                        "insert into set_cover (set_id, cover_id) values (" + THEIRS + ", " + THEIRS + ")",
                        "insert into thing (id, workroom_id, kind, name, colour, size)" + in
                                + ", 'FORM', 'Their form', '#f4f5f1', 1000)",
                        "insert into movement (thing_id, why, amount) values (" + THEIRS + ", 'BOUGHT', 3)",
                        "insert into log_entry (id, workroom_id, cover_id)" + in + ", " + THEIRS + ")",
                        "insert into device (id, workroom_id, name, key_hash)" + in
                                + ", 'Their phone', sha256('theirs'))",
                        "insert into link (id, workroom_id, cover_id, code_hash)" + in + ", " + THEIRS
                                + ", sha256('theirs'))")
                .forEach(site::command);
    }

    @Test
    void idsOfOthersAreAnsweredLikeIdsThatNeverWere(Site site) throws Exception {
        furnishNextDoor(site);
        HttpClient client =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        Matcher token = TOKEN.matcher(client.send(
                        HttpRequest.newBuilder(URI.create(site.address() + "/shelf"))
                                .build(),
                        BodyHandlers.ofString())
                .body());
        assertThat(token.find()).isTrue();
        long before = state(site);
        List<Route> ways = Route.all(site, THEIRS)
                .filter(way -> way.path().contains(THEIRS))
                .toList();
        assertThat(ways).hasSizeGreaterThan(100);
        for (Route way : ways) {
            assertThat(status(client, site, way, token.group(1)))
                    .as("%s", way)
                    .isEqualTo(status(
                            client, site, new Route(way.method(), way.path().replace(THEIRS, NOBODYS)), token.group(1)))
                    .isNotEqualTo(500);
        }
        assertThat(state(site)).as("nothing next door was changed").isEqualTo(before);
        site.command("delete from set_cover where set_id = " + THEIRS);
        List.of("link", "device", "log_entry", "thing", "cover_set", "cover")
                .forEach(table -> site.command("delete from " + table + " where workroom_id = " + NEXT_DOOR));
        site.command("delete from workroom where name = 'Next door'");
    }

    private static int status(HttpClient client, Site site, Route way, String token)
            throws IOException, InterruptedException {
        String body = "_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8) + "&thing=" + THEIRS + "&movement="
                + THEIRS + "&what=c" + THEIRS + "&cover=" + THEIRS;
        HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create(site.address() + way.path()));
        HttpRequest request = way.method().equals("GET")
                ? asked.build()
                : asked.header("Content-Type", "application/x-www-form-urlencoded")
                        .method(way.method(), BodyPublishers.ofString(body))
                        .build();
        return client.send(request, BodyHandlers.ofString()).statusCode();
    }
}
