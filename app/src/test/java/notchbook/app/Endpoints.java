package notchbook.app;

import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import notchbook.app.entry.EntryWidth;

/** Every endpoint with who may ask it, and things in a school that it can be asked about. */
final class Endpoints {
    private static final String STUDENT_ONLY = "OK 404 404 404 401 404";
    private static final String TEACHER_ONLY = "404 404 OK 404 401 404";
    private static final String STUDENT_AND_TEACHER = "OK 404 OK 404 401 404";
    private static final String ANYONE_SIGNED_IN = "OK OK OK OK 401 OK";
    private static final String ANY_STUDENT = "OK OK 404 404 401 404";
    private static final String CLASS_ONLY = "OK OK OK 404 401 404";
    /** To whom the student shows a collection; they themself have it as their own. */
    private static final String THOSE_IN_THE_CLASS = "404 OK OK 404 401 404";

    private static final String ANYONE = "OK OK OK OK OK OK";
    /** Anyone may try; what comes back holds nothing of anyone else's. */
    private static final String ANYONE_OWN = ANYONE_SIGNED_IN;

    /** What nobody has under this name. */
    private static final String NOBODY = "404 404 404 404 401 404";

    private static final String KEEPER_ONLY = "404 404 404 404 401 OK";

    private static final String PATTERN =
            "{'name':'Mine','zones':[{'key':'main','role':'MAIN','title':'Notes','prompt':'','kinds':[]}]}";

    /** The same in every test of the matrix, as two years may not overlap. */
    private static final UUID SCHOOL_YEAR = UUID.randomUUID();

    private static final String OUTLINE_LINE =
            "{'depth':0,'number':'1','text':'Sound','weight':'','tier':'CORE','years':'','note':''}";

    private static final String EDITION =
            "{'baseVersion':1,'code':'NB-1','title':'Own','rows':[{'code':'1','parent':'','text':'Sound','isPoint':false,'weight':'','tier':'CORE','years':'','note':''}]}";

    /** A request with names of things in braces, and the six answers: student, classmate, teacher, other teacher, nobody, keeper. */
    static final List<Map.Entry<String, String>> MATRIX = List.of(
            entry("GET /api/me", ANYONE),
            entry("GET /api/account", ANYONE_OWN),
            entry("DELETE /api/account/devices/{new}", ANYONE_OWN),
            entry("DELETE /api/account/devices", ANYONE_OWN),
            entry("POST /api/password-strength {'password':'echo','fullName':'','userName':''}", "OK OK OK OK 404 OK"),
            entry("GET /api/school", KEEPER_ONLY),
            entry("POST /api/school/people {'role':'STUDENT','names':['Ada Nu']}", KEEPER_ONLY),
            entry("POST /api/school/people/{member}/password", KEEPER_ONLY),
            entry("PUT /api/school/classes/{new} {'name':'11C','members':['{member}']}", KEEPER_ONLY),
            entry("POST /api/outline-texts {'text':'1 Waves'}", ANYONE_SIGNED_IN),
            entry("POST /api/outline-lines {'lines':[" + OUTLINE_LINE + "]}", ANYONE_SIGNED_IN),
            entry("POST /api/outlines {'code':'NB-1','title':'Own','lines':[" + OUTLINE_LINE + "]}", ANYONE_SIGNED_IN),
            entry("GET /api/ruler", ANYONE_OWN),
            entry("GET /api/standings", ANYONE_OWN),
            entry("GET /api/weeks/2026-11-23", ANY_STUDENT),
            entry("GET /api/weeks/now", ANY_STUDENT),
            entry("GET /api/find?words=echo", ANY_STUDENT),
            entry("GET /api/editions", ANYONE_SIGNED_IN),
            entry("GET /api/editions/{edition}", ANYONE_SIGNED_IN),
            entry("GET /api/editions/{ownEdition}", STUDENT_ONLY),
            entry("GET /api/editions/{edition}/syllabus.csv", ANYONE_SIGNED_IN),
            entry("GET /api/editions/{ownEdition}/case.json", STUDENT_ONLY),
            entry("GET /api/editions/{edition}/changes?to={ownEdition}", STUDENT_ONLY),
            entry("PUT /api/editions/{ownEdition} " + EDITION, STUDENT_ONLY),
            entry("PUT /api/editions/{edition}/document {'mediaId':null}", "404 404 OK OK 401 404"),
            entry("GET /api/notebooks/{notebook}/syllabus", STUDENT_ONLY),
            entry("PUT /api/notebooks/{notebook}/exam {'examYear':2028,'tier':'CORE'}", STUDENT_ONLY),
            entry(
                    "PUT /api/notebooks/{notebook}/own-points/{ownPoint} {'topic':'{topic}','code':'2.3x','statement':'Mine'}",
                    STUDENT_ONLY),
            entry("DELETE /api/notebooks/{notebook}/own-points/{ownPoint}", STUDENT_ONLY),
            entry(
                    "GET /api/notebooks/{movable}/moves/preview?editionId={ownEdition}&examYear=2028&tier=CORE",
                    STUDENT_ONLY),
            entry("GET /api/notebooks/{movable}/moves", STUDENT_ONLY),
            entry(
                    "PUT /api/notebooks/{movable}/moves/{move} {'editionId':'{ownEdition}','examYear':2028,'tier':'CORE'}",
                    STUDENT_ONLY),
            entry("PUT /api/notebooks/{movable}/moves/{move}/looked-at/{point}", STUDENT_ONLY),
            entry("POST /api/notebooks/{movable}/moves/{move}/undo", STUDENT_ONLY),
            entry("GET /api/notebooks", ANYONE_OWN),
            entry(
                    "PUT /api/notebooks/{new} {'title':'Mine','editionId':'{edition}','examYear':2028,'tier':'CORE'}",
                    ANY_STUDENT),
            entry("GET /api/notebooks/{notebook}", STUDENT_ONLY),
            entry("PATCH /api/notebooks/{notebook} {'title':'Physics'}", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/needle?nodes={point}", STUDENT_ONLY),
            entry(
                    "GET /api/notebooks/{notebook}/needle?nodes={point}&all=true&kinds=TYPED&from=2026-11-23&to=2026-11-29",
                    STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/coverage", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/papers", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/papers.csv", STUDENT_ONLY),
            entry(
                    "POST /api/notebooks/{notebook}/papers {'firstYear':2026,'lastYear':2027,'sittings':['summer'],'papers':['1'],'variants':[]}",
                    STUDENT_ONLY),
            entry(
                    "PUT /api/notebooks/{notebook}/papers/{paper} {'year':2027,'sitting':'','variant':'','paper':'1','done':{'day':'2026-11-20','parts':[{'question':'1a','topic':'{topic}','marks':2,'outOf':3}]}}",
                    STUDENT_ONLY),
            entry("DELETE /api/notebooks/{notebook}/papers/{paper}", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/coverage.csv", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/coverage.xlsx", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/coverage.pdf", STUDENT_ONLY),
            entry("POST /api/notebooks/{notebook}/topics/{topic}/looked-again", STUDENT_ONLY),
            entry("PUT /api/notebooks/{notebook}/topics/{topic}/pages/{new}", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/reflections", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/reflections/12", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/reflections/12/earlier", STUDENT_ONLY),
            entry(
                    "PUT /api/notebooks/{notebook}/reflections/12 "
                            + WeeklySheet.over(0, "a").json(),
                    STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/look-backs", STUDENT_ONLY),
            entry("GET /api/pages/{page}/look-backs", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/look-backs/{new}?page={page}", STUDENT_ONLY),
            entry(
                    "PUT /api/notebooks/{notebook}/look-backs/{lookBack} " + LookBacksTest.onPage("{page}"),
                    STUDENT_ONLY),
            entry("DELETE /api/look-backs/{lookBack}", STUDENT_ONLY),
            entry("POST /api/look-backs/{lookBack}/restore", STUDENT_ONLY),
            entry("GET /api/growth?notebook={notebook}&node={topic}", STUDENT_ONLY),
            entry("GET /api/growth/pieces?notebook={notebook}", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/growth-weeks", STUDENT_ONLY),
            entry("GET /api/then-and-nows", ANY_STUDENT),
            entry(
                    "PUT /api/then-and-nows/{pair} {'earlier':'{entry}','later':'{entry}','baseVersion':1,'words':'Twice.'}",
                    STUDENT_ONLY),
            entry("DELETE /api/then-and-nows/{pair}", STUDENT_ONLY),
            entry("POST /api/then-and-nows/{pair}/restore", STUDENT_ONLY),
            entry("GET /api/books", ANY_STUDENT),
            entry("GET /api/books/{book}", STUDENT_ONLY),
            entry("PUT /api/books/{book} {'title':'My year','forWhom':''}", STUDENT_ONLY),
            entry("PUT /api/books/{book}/pages/{new} " + BooksTest.words("Friends", 0, "Two of them."), STUDENT_ONLY),
            entry("PUT /api/books/{book}/order {'pages':[]}", "409 404 404 404 401 404"),
            entry("DELETE /api/books/{book}", STUDENT_ONLY),
            entry("POST /api/books/{book}/restore", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/book-offers", STUDENT_ONLY),
            entry("GET /api/book-patterns", ANY_STUDENT),
            entry("GET /api/classes/{class}/book-patterns", TEACHER_ONLY),
            entry(
                    "PUT /api/classes/{class}/book-patterns/{new} " + BookPatternsTest.pattern("Portfolio"),
                    TEACHER_ONLY),
            entry("DELETE /api/classes/{class}/book-patterns/{bookPattern}", TEACHER_ONLY),
            entry("GET /api/school/book-patterns", KEEPER_ONLY),
            entry("PUT /api/school/book-patterns/{new} " + BookPatternsTest.pattern("Leaving"), KEEPER_ONLY),
            entry("DELETE /api/school/book-patterns/{schoolPattern}", KEEPER_ONLY),
            entry("GET /api/prompt-sets", ANY_STUDENT),
            entry("PUT /api/prompt-sets/{promptSet} " + PromptSetsTest.set("Mine", "2026-11-30", "Why?"), STUDENT_ONLY),
            entry("DELETE /api/prompt-sets/{promptSet}", STUDENT_ONLY),
            entry("GET /api/classes/{class}/prompt-sets", TEACHER_ONLY),
            entry(
                    "PUT /api/classes/{class}/prompt-sets/{new} "
                            + PromptSetsTest.ofClass("Class", "2026-11-30", false, "Why?"),
                    TEACHER_ONLY),
            entry("DELETE /api/classes/{class}/prompt-sets/{classPromptSet}", TEACHER_ONLY),
            entry("GET /api/classes/{class}/sheets?week=12", TEACHER_ONLY),
            entry("GET /api/notebooks/{notebook}/bin", STUDENT_ONLY),
            entry("POST /api/notebooks/{notebook}/bin/{binned}/restore", STUDENT_ONLY),
            entry("POST /api/notebooks/{notebook}/sections-for-units", STUDENT_ONLY),
            entry("POST /api/notebooks/{notebook}/sections-for-weeks", STUDENT_ONLY),
            entry("PUT /api/notebooks/{notebook}/ticks/{point}", STUDENT_ONLY),
            entry("DELETE /api/notebooks/{notebook}/ticks/{point}", STUDENT_ONLY),
            entry("GET /api/sections/{section}/to-cover", STUDENT_ONLY),
            entry("PUT /api/sections/{new} {'notebookId':'{notebook}','title':'More','topics':[]}", STUDENT_ONLY),
            entry("PATCH /api/sections/{section} {'title':'Echoes'}", STUDENT_ONLY),
            entry("POST /api/sections/{section}/place {'position':0}", STUDENT_ONLY),
            entry("GET /api/readiness?section={section}&setWork={setWork}", STUDENT_ONLY),
            entry("GET /api/readiness/preview?section={section}&cues=true", STUDENT_ONLY),
            entry("GET /api/hand-ins/unasked", ANY_STUDENT),
            entry("PUT /api/pages/{new} {'sectionId':'{section}','title':'New'}", STUDENT_ONLY),
            entry("PUT /api/pages/{page}/pattern " + PATTERN, STUDENT_ONLY),
            entry("PUT /api/pages/{page}/paper {'lines':'RULED','spacingMm':8,'tint':'STRAW'}", STUDENT_ONLY),
            entry("POST /api/pages/{page}/place {'sectionId':'{section}','position':0}", STUDENT_ONLY),
            entry("PUT /api/pages/{page}/copies/{new} {'sectionId':'{section}'}", STUDENT_ONLY),
            entry("GET /api/pages/{page}/scans", STUDENT_ONLY),
            entry("PUT /api/scans/{new} {'pageId':'{page}'}", STUDENT_ONLY),
            entry("GET /api/scans/{scan}", STUDENT_ONLY),
            entry("PUT /api/scans/{scan}/name {'name':'Ripple tank'}", STUDENT_ONLY),
            entry("PUT /api/scans/{scan}/order {'shots':['{shot}']}", STUDENT_ONLY),
            entry("POST /api/scans/{scan}/phone-link", STUDENT_ONLY),
            entry("PUT /api/scans/{scan}/shots/{new} {'photoId':'{privateMedia}'}", STUDENT_ONLY),
            entry(
                    "PUT /api/scans/{scan}/shots/{shot}/recipe {'corners':[0,0,1,0,1,1,0,1],'quarters':1,'finish':'EVEN_LIGHT'}",
                    STUDENT_ONLY),
            entry("POST /api/scans/{scan}/shots/{shot}/find", STUDENT_ONLY),
            entry("PUT /api/scans/{scan}/shots/{shot}/left-out {'leftOut':false}", STUDENT_ONLY),
            entry("PUT /api/scans/{scan}/shots/{shot}/words {'name':'Set-up','gist':'lamp'}", STUDENT_ONLY),
            entry("GET /api/media/{pdf}/pdf-pages", STUDENT_ONLY),
            entry("PUT /api/scans/{scan}/pdf-pages/{new} {'fileId':'{pdf}','page':1}", STUDENT_ONLY),
            entry("DELETE /api/scans/{scan}/shots/{shot}", STUDENT_ONLY),
            entry("POST /api/scans/{photoScan}/put {'entryId':'{new}'}", STUDENT_ONLY),
            entry("DELETE /api/scans/{scan}", STUDENT_ONLY),
            entry("GET /api/pages/{page}/marks", STUDENT_ONLY),
            entry("GET /api/pages/{page}/review", STUDENT_ONLY),
            entry("GET /api/pages/{page}/own-words", STUDENT_ONLY),
            entry("POST /api/pages/{page}/rounds {'asked':[{'cue':'{entry}','isKnown':true}]}", STUDENT_ONLY),
            entry("GET /api/patterns", ANYONE_OWN),
            entry("PUT /api/patterns/{pattern} " + PATTERN, STUDENT_ONLY),
            entry("DELETE /api/patterns/{pattern}", STUDENT_ONLY),
            entry("GET /api/own-marks", ANYONE_OWN),
            entry("PUT /api/own-marks/{ownMark} {'name':'Formula','shape':'RING'}", STUDENT_ONLY),
            entry("GET /api/marks", ANY_STUDENT),
            entry("GET /api/marks?notebook={notebook}&kind=TASK&open=true", STUDENT_ONLY),
            entry("PUT /api/entries/{entry}/marks/{mark} {'kind':'TASK','due':'2026-11-27'}", STUDENT_ONLY),
            entry("DELETE /api/entries/{entry}/marks/{mark}", STUDENT_ONLY),
            entry("DELETE /api/own-marks/{ownMark}", STUDENT_ONLY),
            entry("GET /api/task-feed", ANYONE_OWN),
            entry("POST /api/task-feed", ANY_STUDENT),
            entry("DELETE /api/task-feed", ANYONE_OWN),
            entry("GET /api/pages/{page}", STUDENT_ONLY),
            entry("PATCH /api/pages/{page} {'title':'Timing','day':'2026-11-24'}", STUDENT_ONLY),
            entry("GET /api/pages/{page}/remarks", STUDENT_ONLY),
            entry("POST /api/pages/{page}/order {'entries':['{entry}']}", STUDENT_ONLY),
            entry(
                    "PUT /api/entries/{new} {'baseVersion':0,'pageId':'{page}','kind':'TYPED','content':{'type':'doc'},'caption':'','width':'FULL'}",
                    STUDENT_ONLY),
            entry("GET /api/entries/{entry}", STUDENT_ONLY),
            entry("GET /api/entries/{entry}/earlier", STUDENT_ONLY),
            entry("GET /api/entries/{entry}/suggestions", STUDENT_ONLY),
            entry("PUT /api/entries/{entry}/not-this/{point}", STUDENT_ONLY),
            entry("DELETE /api/entries/{entry}/not-this/{point}", STUDENT_ONLY),
            entry("PUT /api/entries/{entry}/beside-syllabus", STUDENT_ONLY),
            entry("DELETE /api/entries/{entry}/beside-syllabus", STUDENT_ONLY),
            entry("GET /api/notebooks/{notebook}/unfiled", STUDENT_ONLY),
            entry("GET /api/entries/{photoEntry}/pages.pdf", STUDENT_ONLY),
            entry("GET /api/entries/{ink}/ink.svg", STUDENT_ONLY),
            entry("GET /api/entries/{ink}/ink.inkml", STUDENT_ONLY),
            entry("PUT /api/entries/{entry}/notches/{point}", STUDENT_ONLY),
            entry("DELETE /api/entries/{entry}/notches/{topic}", STUDENT_ONLY),
            entry("GET /api/media/{media}", STUDENT_AND_TEACHER),
            entry("GET /api/media/{media}/screen", STUDENT_AND_TEACHER),
            entry("GET /api/media/{privateMedia}", STUDENT_ONLY),
            entry("GET /api/media/{privateMedia}/screen", STUDENT_ONLY),
            entry("GET /api/media/{file}/look", STUDENT_ONLY),
            entry("GET /api/media/{clip}/still?at=500", STUDENT_ONLY),
            entry("GET /api/entries/{recording}/lines.vtt", STUDENT_ONLY),
            entry("GET /api/talks/{recording}/{drawing}/0/page.html", STUDENT_ONLY),
            entry(
                    "POST /api/talk-films {'recording':'{recording}','subject':'{drawing}','at':0,'format':'WEBM'}",
                    STUDENT_ONLY),
            entry("GET /api/talk-films/{film}", STUDENT_ONLY),
            entry("PUT /api/media/{new}/from-upload {'upload':'/api/uploads/{new}','name':'a','cutOff':false}", NOBODY),
            entry("POST /api/link-cards/{card}/again", STUDENT_ONLY),
            entry("GET /api/collections", ANYONE_OWN),
            entry("GET /api/collections/bin", ANYONE_OWN),
            entry("PUT /api/collections/{collection} {'title':'Costs','purpose':''}", STUDENT_ONLY),
            entry("GET /api/collections/{collection}", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/items/{new} {'kind':'NOTE','title':'n','note':'n'}", STUDENT_ONLY),
            entry("POST /api/collections/{collection}/order {'items':[]}", STUDENT_ONLY),
            entry("PATCH /api/collections/{collection}/items/{item} {'why':'For the essay'}", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/details/offered", STUDENT_ONLY),
            entry(
                    "PUT /api/collections/{collection}/details/{new} {'name':'Cost','kind':'NUMBER','unit':'a metre'}",
                    STUDENT_ONLY),
            entry(
                    "POST /api/collections/{collection}/details/{detail}/merge {'from':['hard'],'into':'soft'}",
                    STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/details/{detail}", STUDENT_ONLY),
            entry("POST /api/collections/{collection}/details/{detail}/restore", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/views", STUDENT_ONLY),
            entry("GET /api/readiness?collection={collection}&unasked=true", STUDENT_ONLY),
            entry("GET /api/readiness/preview?collection={collection}", STUDENT_ONLY),
            entry("PUT /api/copies/{new} {'kind':'COLLECTION','of':'{collection}','form':'MARKDOWN'}", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/views/{new} " + CollectionViewsTest.view("Costs"), STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/views/{view}", STUDENT_ONLY),
            entry(
                    "PUT /api/collections/{collection}/places {'places':[{'item':'{item}','x':10,'y':20}]}",
                    STUDENT_ONLY),
            entry(
                    "PUT /api/collections/{collection}/ties/{new} {'from':'{item}','to':'{otherItem}','words':'pays','isDirected':true}",
                    STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/ties/{tie}", STUDENT_ONLY),
            entry("GET /api/source-questions", ANYONE_SIGNED_IN),
            entry("GET /api/reference-style", ANYONE_OWN),
            entry("PUT /api/reference-style {'style':'APA'}", ANYONE_OWN),
            entry("GET /api/collections/{collection}/references?style=APA", STUDENT_ONLY),
            entry("GET /api/things/{item}/citation", STUDENT_ONLY),
            entry("GET /api/things/{item}/clip", NOBODY),
            entry("PUT /api/things/{item}/marks/{new} {'kind':'KEY'}", STUDENT_ONLY),
            entry("DELETE /api/things/{item}/marks/{new}", STUDENT_ONLY),
            entry(
                    "GET /api/collections/{collection}/view-pdf?look=eyJzaGFwZSI6IlRBQkxFIiwid29yZHMiOiIiLCJvbmx5Ijp7fSwic29ydHMiOltdLCJoZWlnaHQiOiJDT1VOVCIsInNob3duIjpbXX0",
                    STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/cover {'pictureId':null}", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/notches/{point}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/notches/{point}", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/found-file?media={file}", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/gatherings/{gathering} {'mediaId':'{file}'}", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/gatherings/{gathering}", STUDENT_ONLY),
            entry("POST /api/collections/{collection}/gatherings/{gathering}/taken-back", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/files/TABLE", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/files/BOARD", STUDENT_ONLY),
            entry("GET /api/collections/{collection}/readers", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/readers/classes/{class}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/readers/classes/{class}", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/readers/people/{classmate}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/readers/people/{classmate}", STUDENT_ONLY),
            entry("GET /api/shown-collections", ANYONE_OWN),
            entry("GET /api/shown-collections/{collection}", "404 404 404 404 401 404"),
            entry("GET /api/shown-collections/{shown}", THOSE_IN_THE_CLASS),
            entry("GET /api/collections/{shown}", STUDENT_ONLY),
            entry("PUT /api/collections/{shown}/items/{new} {'kind':'NOTE','title':'n','note':'n'}", STUDENT_ONLY),
            entry("GET /api/media/{shownFile}", "OK OK OK 404 401 404"),
            entry("POST /api/shown-collections/{shown}/taken-over {'things':[]}", THOSE_IN_THE_CLASS),
            entry("POST /api/shown-collections/{shown}/kept-for-later {'things':[]}", THOSE_IN_THE_CLASS),
            entry("GET /api/notebooks/{notebook}/resources", STUDENT_ONLY),
            entry("PUT /api/collections/{collection}/items/{item}/notches/{point}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/items/{item}/notches/{point}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/items/{new}", STUDENT_ONLY),
            entry("GET /api/hand-ins", ANY_STUDENT),
            entry("GET /api/hand-ins/{handIn}", STUDENT_AND_TEACHER),
            entry("GET /api/hand-ins/{handIn}/seal", STUDENT_AND_TEACHER),
            entry("GET /api/hand-ins/{handIn}/package", STUDENT_AND_TEACHER),
            entry("GET /api/seal-keys", ANYONE),
            entry(
                    "PUT /api/hand-ins/{new} {'picked':{'section':'{section}','pages':[]},'setWorkId':'{otherSetWork}','purpose':'HAND_IN','with':[],'words':'','along':{'marks':false,'cues':false,'earlier':false,'lookBacks':false},'fitted':false,'withMissing':true}",
                    STUDENT_ONLY),
            entry("GET /api/school-years", ANYONE_SIGNED_IN),
            entry(
                    "PUT /api/school-years/{schoolYear} {'name':'2030/31','firstDay':'2030-09-02','lastDay':'2031-07-04','terms':[{'name':'First','first':'2030-09-02','last':'2031-01-31'}],'breaks':[{'name':'Autumn','first':'2030-10-21','last':'2030-10-27'}]}",
                    "404 404 OK OK 401 OK"),
            entry("GET /api/classes/{class}/groups", CLASS_ONLY),
            entry("PUT /api/collections/{collection}/readers/groups/{group}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}/readers/groups/{group}", STUDENT_ONLY),
            entry("POST /api/classes/{class}/group-split {'size':2}", TEACHER_ONLY),
            entry(
                    "PUT /api/classes/{class}/groups/{new} {'name':'{new}','members':['{classmate}']}",
                    "409 409 OK 404 401 404"),
            entry("DELETE /api/classes/{class}/groups/{group}", TEACHER_ONLY),
            entry("PUT /api/classes/{class}/group-rule {'studentsMayMake':false}", TEACHER_ONLY),
            entry("GET /api/classes/{class}/announcements", TEACHER_ONLY),
            entry("PUT /api/classes/{class}/announcements/{new} {'words':'Bring a ruler.'}", TEACHER_ONLY),
            entry("GET /api/classes/{class}/noticeboard", CLASS_ONLY),
            entry("PUT /api/classes/{class}/noticeboard {'teacherSeesFirst':false}", TEACHER_ONLY),
            entry("GET /api/noticeboard/{piece}", CLASS_ONLY),
            entry("GET /api/noticeboard/{pieceForTeacher}", STUDENT_AND_TEACHER),
            entry("GET /api/noticeboard/{pieceTakenBack}", STUDENT_ONLY),
            entry(
                    "PUT /api/noticeboard/{new} {'classId':'{class}','source':{'entryId':'{entry}'},'audience':'CLASS','words':''}",
                    STUDENT_ONLY),
            entry("PUT /api/noticeboard/{piece}/comments/{new} {'words':'Clear.'}", CLASS_ONLY),
            entry("PUT /api/noticeboard/{pieceForTeacher}/comments/{new} {'words':'Clear.'}", STUDENT_AND_TEACHER),
            entry("PUT /api/noticeboard/{piece}/comments/{pieceComment}/hidden {'isHidden':false}", TEACHER_ONLY),
            entry("PUT /api/noticeboard/{piece}/comments/{pieceComment}/closed {'isClosed':true}", STUDENT_AND_TEACHER),
            entry("DELETE /api/noticeboard/{piece}/comments/{pieceComment}", "404 OK 404 404 401 404"),
            entry("PUT /api/noticeboard/{pieceForTeacher}/standing {'standing':'NOT_YET','words':''}", TEACHER_ONLY),
            entry("PUT /api/noticeboard/{pieceForTeacher}/standing {'standing':'TAKEN_BACK','words':''}", STUDENT_ONLY),
            entry("GET /api/announcements", ANYONE_OWN),
            entry("PUT /api/announcements/{announcement}/read", ANY_STUDENT),
            entry("DELETE /api/classes/{class}/announcements/{announcement}", TEACHER_ONLY),
            entry("GET /api/classes/{class}/plan", TEACHER_ONLY),
            entry("PUT /api/classes/{class}/plan/{topic} {'first':11,'last':12}", TEACHER_ONLY),
            entry("DELETE /api/classes/{class}/plan/{otherTopic}", TEACHER_ONLY),
            entry("GET /api/classes/{class}/plan.csv", TEACHER_ONLY),
            entry("GET /api/notebooks/{notebook}/plan", STUDENT_ONLY),
            entry("PUT /api/notebooks/{notebook}/plan/{topic} {'first':11,'last':12}", STUDENT_ONLY),
            entry("DELETE /api/notebooks/{notebook}/plan/{topic}", STUDENT_ONLY),
            entry("GET /api/classes/{class}/coverage", TEACHER_ONLY),
            entry("GET /api/classes/{class}/students/{student}/coverage", TEACHER_ONLY),
            entry("POST /api/classes/{class}/students/{classmate}/password", TEACHER_ONLY),
            entry("GET /api/set-work", "404 404 OK OK 401 404"),
            entry(
                    "PUT /api/set-work/{new} {'classId':'{class}','title':'More','instructions':'','topic':'{topic}','due':'2026-12-01','asked':{'kinds':['PHOTO'],'withSources':false},'criteria':[]}",
                    TEACHER_ONLY),
            entry("GET /api/set-work/taken-back", "404 404 OK OK 401 404"),
            entry("PUT /api/set-work/taken-back/{otherSetWork} {'word':''}", TEACHER_ONLY),
            entry("DELETE /api/set-work/taken-back/{otherSetWork}", TEACHER_ONLY),
            entry("GET /api/set-work/{setWork}/register", TEACHER_ONLY),
            entry("GET /api/set-work/{setWork}/numbers.csv", TEACHER_ONLY),
            entry("GET /api/classes/{class}/unasked", TEACHER_ONLY),
            entry("GET /api/register", "404 404 OK OK 401 404"),
            entry("POST /api/set-work/{setWork}/sent-back {'handIns':[]}", TEACHER_ONLY),
            entry("PUT /api/hand-ins/{judged}/levels/0 {'level':1}", TEACHER_ONLY),
            entry("POST /api/hand-ins/{handIn}/open", TEACHER_ONLY),
            entry(
                    "PUT /api/hand-ins/{handIn}/remarks/{remark} {'anchor':{'about':'ENTRY','entry':'{entry}'},'words':'Say how many.'}",
                    TEACHER_ONLY),
            entry("DELETE /api/hand-ins/{handIn}/remarks/{remark}", TEACHER_ONLY),
            entry("GET /api/hand-ins/{handIn}/changes?since={handIn}", STUDENT_AND_TEACHER),
            entry("PUT /api/remarks/{returnedRemark}/answer {'words':'Twenty.'}", STUDENT_ONLY),
            entry("GET /api/stock-remarks", "404 404 OK OK 401 404"),
            entry(
                    "PUT /api/stock-remarks {'sentences':[{'id':'{new}','words':'Units, please.'}]}",
                    "404 404 OK OK 401 404"),
            entry("POST /api/hand-ins/{handIn}/sent-back", TEACHER_ONLY),
            entry("POST /api/hand-ins/{checkable}/checked", TEACHER_ONLY),
            entry("DELETE /api/hand-ins/{waiting}", STUDENT_ONLY),
            entry("DELETE /api/collections/{collection}", STUDENT_ONLY),
            entry("POST /api/collections/bin/{collection}/restore", STUDENT_ONLY),
            entry("GET /api/reader-links", ANY_STUDENT),
            entry(
                    "PUT /api/reader-links/{new} {'kind':'PAGE','of':'{page}','reader':'Gran','lastDay':'2026-12-02','mayAnswer':true,'secret':'{new}'}",
                    STUDENT_ONLY),
            entry("DELETE /api/reader-links/{readerLink}", STUDENT_ONLY),
            entry("GET /api/asked-links", "404 404 OK OK 401 404"),
            entry("GET /api/asked-links/{askedLink}/page/", TEACHER_ONLY),
            entry("POST /api/asked-links/{askedLink}/yes", TEACHER_ONLY),
            entry("POST /api/asked-links/{otherAskedLink}/no", TEACHER_ONLY),
            entry("GET /api/school/reader-links", KEEPER_ONLY),
            entry("PUT /api/school/reader-links {'rule':'FREE'}", KEEPER_ONLY),
            entry("GET /api/copies", ANYONE_OWN),
            entry("PUT /api/copies/{new} {'kind':'SECTION','of':'{section}','form':'WEB'}", STUDENT_ONLY),
            entry("PUT /api/copies/{new} {'kind':'VERSION','of':'{handIn}','form':'EPUB'}", STUDENT_AND_TEACHER),
            entry("GET /api/copies/{copy}/file", STUDENT_ONLY),
            entry("DELETE /api/copies/{copy}", STUDENT_ONLY),
            entry("GET /api/bags", ANY_STUDENT),
            entry("PUT /api/bags/{bag} {'notebookId':'{notebook}'}", STUDENT_ONLY),
            entry("DELETE /api/bags/{bag}", STUDENT_ONLY),
            entry("PUT /api/brought-bags/{new} {'upload':'/api/bag-uploads/{new}','name':'a.zip'}", NOBODY),
            entry("POST /api/brought-bags/{new}/taking", NOBODY),
            entry("DELETE /api/entries/{entry}", STUDENT_ONLY),
            entry("DELETE /api/pages/{page}", STUDENT_ONLY),
            entry("DELETE /api/sections/{section}", STUDENT_ONLY));

    private final School school;
    private final Browser browser;
    private final Map<String, UUID> ids;

    Endpoints(School school, Browser browser) {
        this.school = school;
        this.browser = browser;
        this.ids = lay();
    }

    /** A request with the ids of real things in the place of their names; each {new} is new. */
    String fill(String row) {
        var filled = row.replace("{new}", UUID.randomUUID().toString());
        for (var id : ids.entrySet()) {
            filled = filled.replace("{" + id.getKey() + "}", id.getValue().toString());
        }
        return filled;
    }

    private Map<String, UUID> lay() {
        var desk = school.desk(school.student);
        var entry = school.typed(school.student, desk, "An echo", "2.3a");
        var binned = school.typed(school.student, desk, "Away", "2.3a");
        browser.send(school.student, "DELETE", "/api/entries/" + binned, "");
        var collection = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/collections/" + collection, "{'title':'Costs','purpose':''}");
        var item = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + collection + "/items/" + item,
                "{'kind':'NOTE','title':'n','note':'n'}");
        var otherItem = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + collection + "/items/" + otherItem,
                "{'kind':'NOTE','title':'o','note':''}");
        var detail = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + collection + "/details/" + detail,
                "{'name':'Kind','kind':'ONE_OF','unit':''}");
        var view = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + collection + "/views/" + view,
                CollectionViewsTest.view("All"));
        var tie = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + collection + "/ties/" + tie,
                "{'from':'%s','to':'%s','words':'','isDirected':false}".formatted(item, otherItem));
        var shown = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/collections/" + shown, "{'title':'Shown','purpose':''}");
        var shownFile = school.file(school.student, "shown.txt", "For all.");
        browser.send(
                school.student,
                "PUT",
                "/api/collections/" + shown + "/items/" + UUID.randomUUID(),
                "{'kind':'FILE','title':'','note':'','mediaId':'%s'}".formatted(shownFile));
        browser.send(
                school.student,
                "PUT",
                "/api/collections/%s/readers/classes/%s".formatted(shown, school.schoolClass.id()),
                "");
        var group = GroupsTest.onlyGroup(school, browser);
        var announcement = UUID.randomUUID();
        browser.send(
                school.teacher,
                "PUT",
                "/api/classes/%s/announcements/%s".formatted(school.schoolClass.id(), announcement),
                "{'words':'Bring a ruler.'}");
        var piece = NoticeboardTest.shown(school, browser, entry, "CLASS");
        var pieceComment = UUID.randomUUID();
        browser.send(
                school.classmate,
                "PUT",
                "/api/noticeboard/%s/comments/%s".formatted(piece, pieceComment),
                "{'words':'Clear.'}");
        var pieceForTeacher = NoticeboardTest.shown(school, browser, entry, "TEACHER");
        var pieceTakenBack = NoticeboardTest.shown(school, browser, entry, "CLASS");
        browser.send(
                school.student,
                "PUT",
                "/api/noticeboard/%s/standing".formatted(pieceTakenBack),
                "{'standing':'TAKEN_BACK','words':''}");
        var pattern = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/patterns/" + pattern, PATTERN);
        var lookBack = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/notebooks/" + desk.notebook().id() + "/look-backs/" + lookBack,
                LookBacksTest.onPage(desk.page().id().toString()));
        var book = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/books/" + book, "{'title':'My year','forWhom':''}");
        var bookPattern = UUID.randomUUID();
        browser.send(
                school.teacher,
                "PUT",
                "/api/classes/" + school.schoolClass.id() + "/book-patterns/" + bookPattern,
                BookPatternsTest.pattern("Portfolio"));
        var schoolPattern = UUID.randomUUID();
        browser.send(
                school.keeper,
                "PUT",
                "/api/school/book-patterns/" + schoolPattern,
                BookPatternsTest.pattern("Leaving"));
        var pair = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/then-and-nows/" + pair,
                GrowthTest.pair(
                        school.typed(school.student, desk, "Then", "2.3a"),
                        school.typed(school.student, desk, "Now", "2.3a"),
                        0,
                        ""));
        var promptSet = UUID.randomUUID();
        browser.send(
                school.student,
                "PUT",
                "/api/prompt-sets/" + promptSet,
                PromptSetsTest.set("Mine", "2026-11-30", "Why?"));
        var classPromptSet = UUID.randomUUID();
        browser.send(
                school.teacher,
                "PUT",
                "/api/classes/" + school.schoolClass.id() + "/prompt-sets/" + classPromptSet,
                PromptSetsTest.ofClass("Class", "2026-11-30", false, "Why?"));
        var ownMark = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/own-marks/" + ownMark, "{'name':'Formula','shape':'RING'}");
        var media = school.photo(school.student, desk, EntryWidth.HALF);
        var handIn = handIn(desk);
        var privateMedia = school.photo(school.student, school.desk(school.student), EntryWidth.HALF);
        var checkable = handIn(desk);
        browser.send(school.teacher, "POST", "/api/hand-ins/" + checkable + "/open", "");
        var returnedRemark = returned(handIn(desk), entry);
        var scan = scan(desk, privateMedia);
        var talked = TalkedPage.of(school, browser, school.student);
        return Map.ofEntries(
                entry("scan", scan),
                entry("promptSet", promptSet),
                entry("lookBack", lookBack),
                entry("pair", pair),
                entry("book", book),
                entry("bookPattern", bookPattern),
                entry("schoolPattern", schoolPattern),
                entry("classPromptSet", classPromptSet),
                entry("ink", ink(desk)),
                entry("pdf", school.file(school.student, "sheet.pdf", Samples.pdf())),
                entry("shot", privateMedia),
                entry("photoScan", photoScan(desk, media)),
                entry("photoEntry", UUID.fromString(photoEntry(desk, media))),
                entry("edition", school.edition.id()),
                entry("ownEdition", school.ownEdition(school.student)),
                entry("ownPoint", UUID.randomUUID()),
                entry("movable", school.desk(school.student).notebook().id()),
                entry("move", UUID.randomUUID()),
                entry("paper", UUID.randomUUID()),
                entry("schoolYear", SCHOOL_YEAR),
                entry("notebook", desk.notebook().id()),
                entry("section", desk.section()),
                entry("page", desk.page().id()),
                entry("entry", entry),
                entry("binned", binned),
                entry("point", school.node("2.3b")),
                entry("topic", school.node("2.3")),
                entry("otherTopic", school.node("2.4")),
                entry("media", media),
                entry("privateMedia", privateMedia),
                entry("clip", clip()),
                entry("recording", talked.recording()),
                entry("drawing", talked.drawing()),
                entry("bag", bag()),
                entry("copy", copy(desk)),
                entry("readerLink", readerLink(desk)),
                entry("askedLink", askedLink(desk)),
                entry("otherAskedLink", askedLink(desk)),
                entry("film", film(talked)),
                entry("shown", shown),
                entry("shownFile", shownFile),
                entry("gathering", UUID.randomUUID()),
                entry("file", school.file(school.student, "tides.csv", "day,height\nMon,4.9")),
                entry("card", card(desk)),
                entry("collection", collection),
                entry("otherItem", otherItem),
                entry("detail", detail),
                entry("view", view),
                entry("tie", tie),
                entry("group", group),
                entry("announcement", announcement),
                entry("piece", piece),
                entry("pieceComment", pieceComment),
                entry("pieceForTeacher", pieceForTeacher),
                entry("pieceTakenBack", pieceTakenBack),
                entry("item", item),
                entry("handIn", handIn),
                entry("checkable", checkable),
                entry("waiting", handIn(desk)),
                entry("judged", judged(desk)),
                entry("setWork", school.setWork().id()),
                entry("otherSetWork", school.setWork().id()),
                entry("remark", UUID.randomUUID()),
                entry("returnedRemark", returnedRemark),
                entry("mark", UUID.randomUUID()),
                entry("ownMark", ownMark),
                entry("pattern", pattern),
                entry("member", member()),
                entry("student", school.student.id()),
                entry("classmate", school.classmate.id()),
                entry("class", school.schoolClass.id()));
    }

    /** An opened version for set work that is judged by a criterion. */
    private UUID judged(School.Desk desk) {
        var work = UUID.randomUUID();
        browser.send(
                school.teacher,
                "PUT",
                "/api/set-work/" + work,
                "{'classId':'%s','title':'Judged','instructions':'','topic':'%s','due':'2026-12-01','asked':{'kinds':[],'withSources':false},'criteria':[{'name':'Measures','levels':[{'words':'once','points':0},{'words':'often','points':2}]}]}"
                        .formatted(school.schoolClass.id(), school.node("2.3")));
        var id = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/hand-ins/" + id, Sealing.section(desk.section(), work));
        browser.send(school.teacher, "POST", "/api/hand-ins/" + id + "/open", "");
        return id;
    }

    /** A remark on a version that was sent back. */
    private UUID returned(UUID handIn, UUID entry) {
        var remark = UUID.randomUUID();
        var path = "/api/hand-ins/" + handIn;
        var body = "{'anchor':{'about':'ENTRY','entry':'%s'},'words':'How many?'}".formatted(entry);
        browser.send(school.teacher, "POST", path + "/open", "");
        browser.send(school.teacher, "PUT", path + "/remarks/" + remark, body);
        browser.send(school.teacher, "POST", path + "/sent-back", "");
        return remark;
    }

    private UUID member() {
        var name = browser.send(school.keeper, "POST", "/api/school/people", "{'role':'STUDENT','names':['Bo Nu']}")
                .json()
                .get(0)
                .path("userName")
                .asString();
        return browser.get(school.keeper, "/api/school")
                .json()
                .path("people")
                .valueStream()
                .filter(one -> one.path("userName").asString().equals(name))
                .map(one -> UUID.fromString(one.path("id").asString()))
                .findFirst()
                .orElseThrow();
    }

    private UUID scan(School.Desk desk, UUID photo) {
        var scan = UUID.randomUUID();
        var page = "{'pageId':'%s'}".formatted(desk.page().id());
        browser.send(school.student, "PUT", "/api/scans/" + scan, page);
        browser.send(
                school.student, "PUT", "/api/scans/" + scan + "/shots/" + photo, "{'photoId':'%s'}".formatted(photo));
        return scan;
    }

    /** A bench with a photo that is in an entry already. */
    private UUID photoScan(School.Desk desk, UUID photo) {
        var scan = UUID.randomUUID();
        var entry = photoEntry(desk, photo);
        browser.send(
                school.student,
                "PUT",
                "/api/scans/" + scan,
                "{'pageId':'%s','entryId':'%s'}".formatted(desk.page().id(), entry));
        return scan;
    }

    private String photoEntry(School.Desk desk, UUID photo) {
        return browser.get(school.student, "/api/pages/" + desk.page().id())
                .json()
                .path("entries")
                .valueStream()
                .filter(one -> one.at("/media/id").asString("").equals(photo.toString()))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
    }

    private UUID clip() {
        var id = UUID.randomUUID();
        browser.upload(school.student, id, "tank.mp4", Samples.film());
        return id;
    }

    private UUID readerLink(School.Desk desk) {
        var id = UUID.randomUUID();
        var body = "{'kind':'PAGE','of':'%s','reader':'Gran','lastDay':'2026-12-02','mayAnswer':true,'secret':'%s'}";
        browser.send(
                school.student,
                "PUT",
                "/api/reader-links/" + id,
                body.formatted(desk.page().id(), UUID.randomUUID()));
        return id;
    }

    /** A bag in the place of those that other tests made, as one person has few at a time. */
    private UUID bag() {
        browser.get(school.student, "/api/bags")
                .json()
                .path("made")
                .forEach(bag -> browser.send(
                        school.student, "DELETE", "/api/bags/" + bag.path("id").asString(), ""));
        var id = UUID.randomUUID();
        browser.send(school.student, "PUT", "/api/bags/" + id, "{}");
        return id;
    }

    private UUID askedLink(School.Desk desk) {
        browser.send(school.keeper, "PUT", "/api/school/reader-links", "{'rule':'CONSENT'}");
        var asked = readerLink(desk);
        browser.send(school.keeper, "PUT", "/api/school/reader-links", "{'rule':'FREE'}");
        return asked;
    }

    private UUID copy(School.Desk desk) {
        var copies = new CopiedFiles(browser);
        var copy = copies.wanted(school.student, "SECTION", desk.section(), "MARKDOWN");
        copies.settled(school.student, copy);
        return copy;
    }

    private UUID film(TalkedPage talked) {
        var film = browser.send(school.student, "POST", "/api/talk-films", talked.wish("WEBM"));
        return UUID.fromString(film.json().path("id").asString());
    }

    private UUID ink(School.Desk desk) {
        var id = UUID.randomUUID();
        var drawing =
                "{'width':600,'height':300,'strokes':[{'tool':'pen','colour':'#17262D','width':4,'points':[[1,1,1,0]]}]}";
        browser.send(
                school.student,
                "PUT",
                "/api/entries/" + id,
                "{'baseVersion':0,'pageId':'%s','kind':'INK','content':%s,'caption':'','width':'FULL'}"
                        .formatted(desk.page().id(), drawing));
        return id;
    }

    private UUID card(School.Desk desk) {
        var link =
                "{'baseVersion':0,'pageId':'%s','kind':'LINK','content':{'address':'http://tides.example/may'},'caption':'','width':'FULL'}"
                        .formatted(desk.page().id());
        return UUID.fromString(browser.send(school.student, "PUT", "/api/entries/" + UUID.randomUUID(), link)
                .json()
                .path("card")
                .path("id")
                .asString());
    }

    private UUID handIn(School.Desk desk) {
        var id = UUID.randomUUID();
        var body = Sealing.section(desk.section(), school.setWork().id());
        assertThat(browser.send(school.student, "PUT", "/api/hand-ins/" + id, body)
                        .status())
                .isEqualTo(200);
        return id;
    }
}
