package app.dapt.web;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;

/** Takes one picture of each main view, from the Wren's covers: {@code ./dapt screenshots}. */
public final class Screenshots {

    private final Site site;
    private final Path folder;

    private Screenshots(Site site, Path folder) {
        this.site = site;
        this.folder = folder;
    }

    public static void main(String[] args) {
        try (Site site = new Site()) {
            new Screenshots(site, Path.of(args[0])).all();
        }
    }

    private void all() {
        String bench = cover("Wheelhouse bench, port end");
        at("covers", "/");
        at("plan", bench);
        at("plan-opening", bench + "?slip=opening");
        at("plan-advice", cover("Saloon bench, buttoned") + "?view=advice");
        filled("from-cloth", "/from-cloth?thing=6&thing=7&thing=8&form=9&form=10", ".from-offer .bolt");
        laid("cloth", set("Velvet of the saloon") + "?cloth=0");
        filled("plan-filled", cover("Deck chair, gaping") + "?view=filled", "#filled[data-fine]");
        filled("plan-fits", bench + "?view=fits", ".fits-filled svg");
        at("set", set("Velvet of the saloon").replace("/cloth", ""));
        String made = bench + "/make?step=" + bench.replaceAll("\\D", "") + "/front/lay-lapped";
        at("make", made);
        byEvening("evening", bench + "?slip=opening");
        at("cut-card", bench + "/card?paper=a4");
        at("calendar", "/calendar");
        at("shelf", "/shelf");
        at("log", "/log");
        toBuy("to-buy");
        triedOn("try-on", cover("Helmsman’s back") + "/try-on");
        onPhone("phone-plan", bench);
        onPhone("phone-make", made);
    }

    private String cover(String name) {
        try (Desk desk = site.desk("/")) {
            return desk.page()
                    .locator(".cover-words a", new Page.LocatorOptions().setHasText(name))
                    .first()
                    .getAttribute("href");
        }
    }

    private String set(String name) {
        try (Desk desk = site.desk("/")) {
            return desk.page().getByLabel("Fabric: " + name).getAttribute("href");
        }
    }

    /** A cloth once its search is over. */
    private void laid(String name, String path) {
        try (Desk desk = site.desk(path)) {
            desk.page()
                    .waitForFunction("() => !document.querySelector('.progress') && "
                            + "!document.querySelector('.width-table')?.innerText.includes('…')");
            save(desk, name);
        }
    }

    private void at(String name, String path) {
        try (Desk desk = site.desk(path)) {
            save(desk, name);
        }
    }

    /** A view once what is solved for it is there. */
    private void filled(String name, String path, String there) {
        try (Desk desk = site.desk(path)) {
            desk.page().locator(there).first().waitFor();
            save(desk, name);
        }
    }

    /** A cover that sags and ripples. */
    private void triedOn(String name, String path) {
        try (Desk desk = site.desk(path)) {
            for (String answer : List.of("corners-filled", "middle-sags", "edges-ripple", "opening-closed")) {
                desk.page().locator("#a-" + answer).check();
                desk.settle();
            }
            desk.page().locator(".correction figure svg").first().waitFor();
            desk.page().locator(".fitting-filled svg").first().waitFor();
            save(desk, name);
        }
    }

    /** Once the chandler has answered what he asks. */
    private void toBuy(String name) {
        try (Desk desk = site.desk("/prices")) {
            while (desk.page().locator(".price-lines").count() == 0) {
                desk.page().reload();
            }
            desk.page().navigate(site.address() + "/to-buy?by=shop");
            save(desk, name);
        }
    }

    private void byEvening(String name, String path) {
        try (Desk desk = site.desk("/")) {
            desk.page().getByLabel("Evening light").click();
            desk.page().navigate(path);
            save(desk, name);
        }
    }

    private void onPhone(String name, String path) {
        try (Desk desk = site.phone(path)) {
            save(desk, name);
        }
    }

    private void save(Desk desk, String name) {
        desk.page().evaluate("document.fonts.ready");
        desk.page().screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
