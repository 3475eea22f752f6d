package app.dapt.web.house;

import app.dapt.files.drawing.Markup;
import app.dapt.web.workroom.DeviceStore;
import app.dapt.web.workroom.DeviceStore.Device;
import app.dapt.web.workroom.DeviceStore.JoinCode;
import app.dapt.words.Words;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The devices in the house, ready for their template.
 *
 * @param origins     where a device calls Dapt; none where it answers on this machine alone
 * @param fingerprint of the certificate a device is shown
 * @param own         the device this page is read on; nothing at home
 * @param code        what lets one in, where that was just asked for
 */
public record DevicesPage(
        List<String> origins,
        String fingerprint,
        List<Device> devices,
        Optional<Long> own,
        Optional<JoinCode> code,
        Instant now,
        Words w) {

    /** A line of the list. */
    public record Line(long id, String name, String seen, boolean isOwn) {}

    public boolean isOpen() {
        return !origins.isEmpty();
    }

    public boolean isAtHome() {
        return own.isEmpty();
    }

    public List<Line> lines() {
        return devices.stream()
                .map(each -> new Line(
                        each.id(),
                        each.name(),
                        seen(Duration.between(each.seenAt(), now)),
                        own.filter(id -> id == each.id()).isPresent()))
                .toList();
    }

    private String seen(Duration ago) {
        return ago.toDays() > 0
                ? w.say("house.seen-days", ago.toDays())
                : ago.toHours() > 0
                        ? w.say("house.seen-hours", ago.toHours())
                        : ago.toMinutes() > 1 ? w.say("house.seen-minutes", ago.toMinutes()) : w.say("house.seen-now");
    }

    /** What is scanned: the address that lets a device in. */
    String address() {
        return code.map(made -> origins.get(0) + "/join?code=" + made.code()).orElse("");
    }

    /** The address a number is typed at. */
    public String typedAt() {
        return origins.get(0) + "/join";
    }

    /** The number, in two groups that are read aloud. */
    public String number() {
        return code.map(JoinCode::number)
                .map(number -> number.substring(0, number.length() / 2) + " " + number.substring(number.length() / 2))
                .orElse("");
    }

    public int minutes() {
        return DeviceStore.MINUTES;
    }

    /** The code to scan, as SVG. */
    public String scanned() {
        try {
            BitMatrix dots =
                    new QRCodeWriter().encode(address(), BarcodeFormat.QR_CODE, 0, 0, Map.of(EncodeHintType.MARGIN, 4));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < dots.getHeight(); y++) {
                for (int x = 0; x < dots.getWidth(); x++) {
                    if (dots.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            String side = String.valueOf(dots.getWidth());
            return new Markup()
                    .open(
                            "svg",
                            "class",
                            "scan-code",
                            "viewBox",
                            "0 0 " + side + " " + side,
                            "role",
                            "img",
                            "aria-label",
                            w.say("house.scan"),
                            "shape-rendering",
                            "crispEdges")
                    .empty("path", "d", "M0 0h" + side + "v" + side + "h-" + side + "z", "class", "scan-ground")
                    .empty("path", "d", path.toString(), "class", "scan-dots")
                    .close("svg")
                    .toString();
        } catch (WriterException e) {
            throw new IllegalStateException(e);
        }
    }
}
