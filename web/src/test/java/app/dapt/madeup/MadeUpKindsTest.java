package app.dapt.madeup;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.front.Extras;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.files.plan.PlanJson;
import app.dapt.files.plan.PlanSchema;
import app.dapt.form.Form;
import app.dapt.make.CoverSteps;
import app.dapt.make.PaperSewing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Step;
import app.dapt.step.Taken;
import app.dapt.web.Site;
import app.dapt.web.WithSite;
import app.dapt.web.workroom.CoverStore;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A kind is one class and its words: these four go wherever Dapt's own go, and nothing else knows of them. */
@WithSite
class MadeUpKindsTest {

    private static final CoverPlan PLAIN =
            DefaultPlan.plan("Made up", Mark.EIGHTH, MadeUp.KITE, Form.overCrown(Length.inches(18), Length.inches(24)));

    private static final Extras WITH_BOW =
            ExtrasKind.EXTRAS.with(PLAIN.extras().decided().with("bow", true));

    private static final CoverPlan PLAN = PLAIN.withOpening(MadeUp.DRAWSTRING.usual(PLAIN.unit()))
            .withEdging(MadeUp.BLANKET.usual(PLAIN.unit()))
            .withExtras(WITH_BOW);

    @Test
    void areReckonedDrawnAndTraced() {
        Reckoned reckoned = Reckoner.reckon(PLAN);
        assertThat(reckoned.pieces()).extracting(Piece::id).containsExactly("front", "back", "bow");
        assertThat(CoverDrawing.front(reckoned).elements())
                .containsAll(WITH_BOW.drawn(reckoned.dimensions()))
                .containsAll(PLAN.edging().over(reckoned.edge(), reckoned.dimensions()));
        assertThat(Template.of(reckoned)).as("front and back are cut alike").hasSize(1);
    }

    @Test
    void areWrittenReadAndDescribedInFiles() throws BadPlanFile {
        assertThat(PlanJson.read(PlanJson.write(PLAN))).isEqualTo(PLAN);
        assertThat(PlanSchema.write())
                .contains(
                        "\"const\" : \"kite\"",
                        "\"const\" : \"drawstring\"",
                        "\"const\" : \"blanket\"",
                        "\"bowAcross\"");
    }

    @Test
    void areSaidOfferedListedAndPrinted(Site site) throws IOException, InterruptedException {
        CoverStore store = site.bean(CoverStore.class);
        long id = store.create(PLAN, "");
        String said = "a drawstring in a channel of 1¼\u00a0in";
        assertThat(page(site, "/covers/" + id))
                .contains("A ", "kite-shaped", said, "blanket-stitched ½\u00a0in deep", "with a bow")
                .doesNotContain("‹");
        assertThat(page(site, "/?find=Made+up")).contains("Made up", "kite-shaped");
        assertThat(page(site, "/covers/" + id + "/card")).contains("Bow").doesNotContain("‹");
        for (Kind<?> kind : List.of(MadeUp.DRAWSTRING, MadeUp.KITE, MadeUp.BLANKET)) {
            String slip = kind == MadeUp.DRAWSTRING ? "opening" : kind == MadeUp.KITE ? "shape" : "edge";
            assertThat(page(site, "/covers/" + id + "?slip=" + slip))
                    .as(slip)
                    .contains("value=\"" + kind.code() + "\"")
                    .doesNotContain("‹");
        }
        assertThat(page(site, "/covers/" + id + "?slip=extras"))
                .contains("Across the bow")
                .doesNotContain("‹");
    }

    @Test
    void areMadeStepByStep(Site site) throws IOException, InterruptedException {
        List<Step> steps = CoverSteps.of(Reckoner.reckon(PLAN));
        assertThat(steps).extracting(Step::does).containsSubsequence("bow-tie", "channel", "lay", "seam", "blanket");
        assertThat(steps.stream().flatMap(step -> step.takes().stream()))
                .containsOnlyOnce(new Taken("back", Side.BOTTOM))
                .doesNotHaveDuplicates();
        long id = site.bean(CoverStore.class).create(PLAN, "");
        assertThat(page(site, "/covers/" + id + "/make"))
                .contains("sew on the bow", "stitch the channel", "sew around with yarn")
                .doesNotContain("‹");
    }

    /** An opening in one file and its words: reckoned in its own frame, whichever way it runs. */
    @Test
    void anOpeningReckonsInItsOwnFrame() {
        CoverPlan across = DefaultPlan.plan(
                        "Slit", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(24), Length.inches(18)))
                .withOpening(MadeUp.SELVAGE_SLIT.usual(Unit.INCH));
        assertThat(Reckoner.reckon(across).pieces())
                .extracting(Piece::id)
                .containsExactly("front", "back-upper", "back-lower");
        Reckoned upright = Reckoner.reckon(across.withOpening(across.opening().turned()));
        assertThat(upright.pieces()).extracting(Piece::id).containsExactly("front", "back-left", "back-right");
        assertThat(upright.back().length()).isEqualTo(upright.finished(Axis.UP_DOWN));
        assertThat(upright.finding("slit-gapes")).isPresent();
        assertThat(CoverSteps.of(upright)).extracting(Step::does).contains("slit-tape");
        assertThat(PaperSewing.of(upright, CoverSteps.of(upright)))
                .as("sewn on paper")
                .hasValueSatisfying(
                        sewn -> assertThat(sewn.comesTo().isAsPlanned()).isTrue());
    }

    /** A trim with a look of its own that changes the order of work: bound from outside, never turned out. */
    @Test
    void aTrimHasALookOfItsOwnAndChangesTheOrderOfWork() {
        CoverPlan bound = DefaultPlan.plan(
                        "Bound", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(24), Length.inches(18)))
                .withEdging(MadeUp.BINDING.usual(Unit.INCH));
        List<Step> steps = CoverSteps.of(Reckoner.reckon(bound));
        assertThat(steps)
                .extracting(Step::does)
                .containsSubsequence("lay-lapped-french", "seam-hemmed", "try-on-bound", "press-seam", "bind", "fill")
                .doesNotContain("turn-out", "turn-back", "zigzag", "french-first");
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(bound, bound.mark());
        Words words = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);
        String flat = new SvgDrawing(bound.cloths(), words, new Pen(10), "flat").write(CoverDrawing.front(reckoned));
        assertThat(flat).contains("trim trim-binding trim-solid");
    }

    private static String page(Site site, String path) throws IOException, InterruptedException {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(site.address() + path)).build();
        var response = HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
        assertThat(response.statusCode()).as(path).isEqualTo(200);
        return response.body();
    }
}
