package app.dapt.web.workroom;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.files.plan.PlanJson;
import app.dapt.web.Site;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** What was laid out when layouts still went by what a cloth is called goes with that cloth from now on. */
class MigrationTest {

    private static final Path KEPT = Path.of("../files/src/test/resources/plans/1");

    @Test
    void layoutsGoWithTheClothTheyWereMadeFor() throws Exception {
        String url = Site.url(Site.freshDatabase("migrated_" + System.nanoTime()));
        Flyway.configure()
                .dataSource(url, Site.env("DAPT_DB_USER"), Site.env("DAPT_DB_PASSWORD"))
                .target("2")
                .load()
                .migrate();
        try (Connection connection = Site.connect(url);
                Statement sql = connection.createStatement()) {
            sql.execute("insert into cover (workroom_id) select 1 from generate_series(1, 3)");
            String bench = Files.readString(KEPT.resolve("01-wheelhouse-bench.json"));
            plan(connection, 1, bench);
            plan(connection, 2, bench);
            // Front and back of one cloth.
            plan(
                    connection,
                    3,
                    bench.replaceFirst(
                            "(?s)\"back\" : \\{.*?\\},",
                            "\"back\" : " + bench.replaceFirst("(?s).*\"front\" : (\\{.*?\\}),.*", "$1") + ","));
            sql.execute("insert into cover_set (workroom_id, name) values (1, 'Deck')");
            sql.execute("insert into set_cover (set_id, cover_id) values (1, 1), (1, 2)");
            sql.execute("insert into lay (workroom_id, cover_id, cloth) values (1, 1, 'Bracken linen'), (1, 3, "
                    + "'Harbour stripe'), (1, 2, 'Called otherwise since')");
            sql.execute("insert into lay (workroom_id, set_id, cloth) values (1, 1, 'Harbour stripe')");
        }
        Flyway.configure()
                .dataSource(url, Site.env("DAPT_DB_USER"), Site.env("DAPT_DB_PASSWORD"))
                .load()
                .migrate();
        try (Connection connection = Site.connect(url);
                Statement sql = connection.createStatement()) {
            assertThat(text(sql, "select array_to_string(cloths, ',') from layout where cover_id = 1"))
                    .isEqualTo("1.2");
            assertThat(text(sql, "select array_to_string(cloths, ',') from layout where cover_id = 3"))
                    .isEqualTo("3.1");
            assertThat(text(sql, "select array_to_string(cloths, ',') from layout where cover_id = 2"))
                    .isEmpty();
            assertThat(text(sql, "select array_to_string(cloths, ',') from layout where set_id = 1"))
                    .isEqualTo("1.1,2.1");
            assertThat(text(sql, "select words from cover where id = 1")).contains("Wheelhouse bench", "Bracken linen");
            assertThat(PlanJson.read(text(sql, "select plan::text from revision where cover_id = 3"))
                            .cloths()
                            .back()
                            .id())
                    .as("the number it is read with")
                    .isEqualTo(1);
            assertThat(PlanJson.read(text(sql, "select plan::text from revision where cover_id = 1"))
                            .cloths()
                            .back()
                            .id())
                    .isEqualTo(2);
        }
    }

    private static void plan(Connection connection, long cover, String plan) throws Exception {
        try (PreparedStatement insert = connection.prepareStatement(
                "insert into revision (cover_id, number, plan, gesture) values (?, 1, cast(? as jsonb), '')")) {
            insert.setLong(1, cover);
            insert.setString(2, plan);
            insert.execute();
        }
    }

    private static String text(Statement sql, String query) throws Exception {
        try (ResultSet row = sql.executeQuery(query)) {
            assertThat(row.next()).isTrue();
            return row.getString(1);
        }
    }
}
