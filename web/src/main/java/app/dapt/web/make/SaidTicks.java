package app.dapt.web.make;

import app.dapt.web.workroom.Tick;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a device has to say of steps, perhaps since long, read word by word: one that is nonsense is refused by itself.
 * Devices send what their own clock says now, so that one that goes wrong is put right; a list without that is taken at
 * its word.
 *
 * @param heard   by cover, in the order as they came
 * @param refused why, by the id of the word, or by its place in the list where it has none
 */
record SaidTicks(Map<Long, List<Tick>> heard, Map<String, String> refused) {

    /** More at once are not listened to. */
    static final int MOST = 2_000;

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Pattern ID = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");
    /** A cover and a step, also one that its plan no longer has. */
    private static final Pattern KEY = Pattern.compile("(\\d{1,18})/([a-z0-9-]+(/[a-z0-9-]+)+)");
    /** Nobody has ticked anything before that. */
    private static final Instant FIRST = Instant.parse("2020-01-01T00:00:00Z");

    private static final Duration AHEAD = Duration.ofDays(1);

    /** That it is no list of ticks at all, or too long a one. */
    static final class Refused extends Exception {
        private final boolean tooMany;

        Refused(boolean tooMany) {
            this.tooMany = tooMany;
        }

        boolean isTooMany() {
            return tooMany;
        }
    }

    /** @param now by the clock here */
    static SaidTicks read(byte[] body, Instant now) throws Refused {
        JsonNode root = tree(body);
        JsonNode list = root.isObject() ? root.path("ticks") : root;
        if (!list.isArray()) {
            throw new Refused(false);
        }
        if (list.size() > MOST) {
            throw new Refused(true);
        }
        Duration behind =
                root.path("now").canConvertToLong() && isSane(root.get("now").longValue())
                        ? Duration.between(Instant.ofEpochMilli(root.get("now").longValue()), now)
                        : Duration.ZERO;
        Map<Long, List<Tick>> heard = new LinkedHashMap<>();
        Map<String, String> refused = new LinkedHashMap<>();
        for (int i = 0; i < list.size(); i++) {
            hear(list.get(i), i, behind, now, heard, refused);
        }
        return new SaidTicks(heard, refused);
    }

    private static JsonNode tree(byte[] body) throws Refused {
        try {
            return Optional.ofNullable(JSON.readTree(body)).orElseThrow(() -> new Refused(false));
        } catch (JacksonException e) {
            throw new Refused(false);
        }
    }

    private static boolean isSane(long millis) {
        return millis > 0 && millis < Long.MAX_VALUE / 1_000_000;
    }

    private static void hear(
            JsonNode said,
            int place,
            Duration behind,
            Instant now,
            Map<Long, List<Tick>> heard,
            Map<String, String> refused) {
        String id = said.path("id").asString("");
        String name = ID.matcher(id).matches() ? id : "#" + place;
        Matcher key = KEY.matcher(said.path("key").asString(""));
        if (name.startsWith("#") || !key.matches() || !said.path("done").isBoolean()) {
            refused.put(name, "no-tick");
            return;
        }
        JsonNode at = said.path("at");
        if (!at.isIntegralNumber() || !at.canConvertToLong() || !isSane(at.longValue())) {
            refused.put(name, "no-time");
            return;
        }
        Instant then = Instant.ofEpochMilli(at.longValue()).plus(behind);
        if (then.isBefore(FIRST) || then.isAfter(now.plus(AHEAD))) {
            refused.put(name, "no-time");
            return;
        }
        try {
            Tick tick = new Tick(
                    UUID.fromString(id),
                    key.group(2),
                    said.get("done").booleanValue(),
                    said.path("passed").isBoolean() && said.get("passed").booleanValue(),
                    then,
                    said.path("device").asString(""));
            heard.computeIfAbsent(Long.valueOf(key.group(1)), cover -> new ArrayList<>())
                    .add(tick);
        } catch (IllegalArgumentException nonsense) {
            refused.put(name, "no-tick");
        }
    }

    /** Refuses all that was said of a cover. */
    void refuse(long cover, String why) {
        Optional.ofNullable(heard.remove(cover))
                .ifPresent(ticks -> ticks.forEach(tick -> refused.put(tick.id().toString(), why)));
    }

    /** Whether nothing of it is left. */
    boolean isAllRefused() {
        return heard.isEmpty() && !refused.isEmpty();
    }
}
