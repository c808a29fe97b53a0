<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="cs" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source>The whole take is kept.</source>
        <translation>Zůstává celý záběr.</translation>
    </message>
    <message>
        <source>One piece is kept, %1 of %2.</source>
        <translation>Zůstává jedna část, %1 z %2.</translation>
    </message>
    <message>
        <source>%1 pieces are kept, %2 of %3.</source>
        <translation>Zůstávají části (%1), %2 z %3.</translation>
    </message>
    <message>
        <source>the camera&apos;s sound</source>
        <translation>zvuk kamery</translation>
    </message>
    <message>
        <source>trimmed away</source>
        <translation>odříznuto</translation>
    </message>
    <message>
        <source>silence</source>
        <translation>ticho</translation>
    </message>
    <message>
        <source>The two clocks run alike.</source>
        <translation>Obě hodiny jdou stejně.</translation>
    </message>
    <message>
        <source>fast</source>
        <translation>rychleji</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>pomaleji</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Name of the camera these takes are from:</source>
        <translation>Název kamery, ze které tyto záběry jsou:</translation>
    </message>
    <message>
        <source>A repaired copy of %1</source>
        <translation>Opravená kopie %1</translation>
    </message>
    <message>
        <source> Read back: %1</source>
        <translation> Zpětně přečteno: %1</translation>
    </message>
    <message>
        <source> Read back:</source>
        <translation> Zpětně přečteno:</translation>
    </message>
    <message>
        <source>,</source>
        <translation>,</translation>
    </message>
    <message>
        <source> sound within %1 of its tether</source>
        <translation> zvuk do %1 od své vazby</translation>
    </message>
    <message>
        <source>, every sample as rendered</source>
        <translation>, každý vzorek, jak byl vypočten</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>writing, %1 %</source>
        <translation>zapisuje se, %1 %</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>written</source>
        <translation>zapsáno</translation>
    </message>
    <message>
        <source>check failed</source>
        <translation>kontrola neprošla</translation>
    </message>
    <message>
        <source>cannot be written</source>
        <translation>nelze zapsat</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>zastaveno</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>asi %1</translation>
    </message>
    <message>
        <source>it begins with it</source>
        <translation>začíná s ní</translation>
    </message>
    <message>
        <source>it begins %1 into it</source>
        <translation>začíná %1 po jejím začátku</translation>
    </message>
    <message>
        <source>it begins %1 before it</source>
        <translation>začíná %1 před ní</translation>
    </message>
    <message>
        <source>not searched</source>
        <translation>nehledáno</translation>
    </message>
    <message>
        <source>moved: onto another recording than its tether</source>
        <translation>posunuto: na jinou nahrávku než vazba</translation>
    </message>
    <message>
        <source>moved: %1 later than its tether</source>
        <translation>posunuto: o %1 později než vazba</translation>
    </message>
    <message>
        <source>moved: %1 earlier than its tether</source>
        <translation>posunuto: o %1 dříve než vazba</translation>
    </message>
    <message>
        <source>tethered</source>
        <translation>svázáno</translation>
    </message>
    <message>
        <source>found: check it</source>
        <translation>nalezeno: zkontrolujte</translation>
    </message>
    <message>
        <source>unsure: moved by hand, listen first</source>
        <translation>nejisté: ručně posunuto, poslechněte</translation>
    </message>
    <message>
        <source>unsure: placed by hand, listen first</source>
        <translation>nejisté: ručně umístěno, poslechněte</translation>
    </message>
    <message>
        <source>unsure: listen first</source>
        <translation>nejisté: nejdřív poslechněte</translation>
    </message>
    <message>
        <source>no place found</source>
        <translation>místo nenalezeno</translation>
    </message>
    <message>
        <source>Near where it is, 10 s either way</source>
        <translation>Poblíž, 10 s na obě strany</translation>
    </message>
    <message>
        <source>Only by the stretch in view</source>
        <translation>Jen podle viditelného úseku</translation>
    </message>
    <message>
        <source>By the stretch in view, near where it is</source>
        <translation>Podle viditelného úseku, poblíž</translation>
    </message>
    <message>
        <source>By claps alone</source>
        <translation>Jen podle tlesknutí</translation>
    </message>
    <message>
        <source>By channel %1 of the camera</source>
        <translation>Podle kanálu %1 kamery</translation>
    </message>
    <message>
        <source>By channel %1 of the recording</source>
        <translation>Podle kanálu %1 nahrávky</translation>
    </message>
    <message>
        <source>Keep this moment</source>
        <translation>Uchovat tento okamžik</translation>
    </message>
    <message>
        <source>What is it called?</source>
        <translation>Jak se jmenuje?</translation>
    </message>
    <message>
        <source>before the cut</source>
        <translation>před střihem</translation>
    </message>
    <message>
        <source>Keep this moment…</source>
        <translation>Uchovat tento okamžik…</translation>
    </message>
    <message>
        <source>Back to &quot;%1&quot;</source>
        <translation>Zpět k „%1“</translation>
    </message>
    <message>
        <source>This take as in &quot;%1&quot;</source>
        <translation>Tento záběr jako v „%1“</translation>
    </message>
    <message>
        <source>as it was at first</source>
        <translation>jak to bylo na začátku</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Poslech</translation>
    </message>
    <message>
        <source>Looking</source>
        <translation>Pohled</translation>
    </message>
    <message>
        <source>Where the clean sound lies</source>
        <translation>Kde leží čistý zvuk</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Značky</translation>
    </message>
    <message>
        <source>What is made of it</source>
        <translation>Co z toho bude</translation>
    </message>
    <message>
        <source>Files in the list</source>
        <translation>Soubory v seznamu</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Export</translation>
    </message>
    <message>
        <source>The shoot</source>
        <translation>Natáčení</translation>
    </message>
    <message>
        <source>on the seam</source>
        <translation>na švu</translation>
    </message>
    <message>
        <source>in the list</source>
        <translation>v seznamu</translation>
    </message>
    <message>
        <source>on the day map</source>
        <translation>na mapě dne</translation>
    </message>
    <message>
        <source>on the line of spots</source>
        <translation>na čáře míst</translation>
    </message>
    <message>
        <source>take files out of the shoot</source>
        <translation>odebrat soubory z natáčení</translation>
    </message>
    <message>
        <source>the take before, the next</source>
        <translation>předchozí záběr, další</translation>
    </message>
    <message>
        <source>the spot before, the next</source>
        <translation>předchozí místo, další</translation>
    </message>
    <message>
        <source>closer, further away</source>
        <translation>blíž, dál</translation>
    </message>
    <message>
        <source>to the first frame, the last</source>
        <translation>na první snímek, na poslední</translation>
    </message>
    <message>
        <source>a tenth of the view</source>
        <translation>desetina pohledu</translation>
    </message>
    <message>
        <source>camera&apos;s sound taller, lower</source>
        <translation>zvuk kamery vyšší, nižší</translation>
    </message>
    <message>
        <source>clean sound taller, lower</source>
        <translation>čistý zvuk vyšší, nižší</translation>
    </message>
    <message>
        <source>take the chosen mark away</source>
        <translation>odebrat zvolenou značku</translation>
    </message>
    <message>
        <source>mono</source>
        <translation>mono</translation>
    </message>
    <message>
        <source>stereo</source>
        <translation>stereo</translation>
    </message>
    <message>
        <source>%1 channels</source>
        <translation>kanálů: %1</translation>
    </message>
    <message>
        <source>%1 Hz, %2, length %3.</source>
        <translation>%1 Hz, %2, délka %3.</translation>
    </message>
    <message>
        <source>It begins at %1 by its time stamp.</source>
        <translation>Podle časového razítka začíná v %1.</translation>
    </message>
    <message>
        <source>No take lies on it yet.</source>
        <translation>Zatím na ní neleží žádný záběr.</translation>
    </message>
    <message>
        <source>1 take lies on it.</source>
        <translation>Leží na ní 1 záběr.</translation>
    </message>
    <message>
        <source>%1 takes lie on it.</source>
        <translation>Záběrů na ní: %1.</translation>
    </message>
    <message>
        <source>Claps found: %1. Marks: %2.</source>
        <translation>Nalezená tlesknutí: %1. Značky: %2.</translation>
    </message>
    <message>
        <source>scene %1</source>
        <translation>scéna %1</translation>
    </message>
    <message>
        <source>take %1</source>
        <translation>záběr %1</translation>
    </message>
    <message>
        <source>good</source>
        <translation>dobré</translation>
    </message>
    <message>
        <source>not good</source>
        <translation>špatné</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Automatic: the channel that is worth most</source>
        <translation>Automaticky: kanál, který stojí nejvíc za to</translation>
    </message>
    <message>
        <source>The mean of all channels</source>
        <translation>Průměr všech kanálů</translation>
    </message>
    <message>
        <source>Channel %1</source>
        <translation>Kanál %1</translation>
    </message>
    <message>
        <source>%1 s left</source>
        <translation>ještě %1 s</translation>
    </message>
    <message>
        <source>%1 min left</source>
        <translation>ještě %1 min</translation>
    </message>
    <message>
        <source>%1 h %2 min left</source>
        <translation>ještě %1 h %2 min</translation>
    </message>
    <message>
        <source>%1 ppm %2</source>
        <translation>%1 ppm %2</translation>
    </message>
    <message>
        <source>The recorder runs %1 at first and %2 at last: taken out.</source>
        <translation>Rekordér jde zpočátku o %1 a nakonec o %2: opraveno.</translation>
    </message>
    <message>
        <source>The recorder runs %1, %2 ms a minute: taken out.</source>
        <translation>Rekordér jde o %1, %2 ms za minutu: opraveno.</translation>
    </message>
    <message>
        <source>jumps: listen there</source>
        <translation>přeskakuje: poslechněte si to tam</translation>
    </message>
    <message>
        <source>being searched</source>
        <translation>hledá se</translation>
    </message>
</context>
<context>
    <name>brisk</name>
    <message>
        <source>{agreeing} of {used} spots agree within {within_ms:fixed1} ms</source>
        <translation>{agreeing} z {used} míst souhlasí na {within_ms:fixed1} ms</translation>
    </message>
    <message numerus="yes">
        <source>{agreeing} of {claps} claps agree</source>
        <translation>
            <numerusform>{agreeing} z {claps} tlesknutí souhlasí</numerusform>
            <numerusform>{agreeing} ze {claps} tlesknutí souhlasí</numerusform>
            <numerusform>{agreeing} z {claps} tlesknutí souhlasí</numerusform>
        </translation>
    </message>
    <message>
        <source>no other place comes near</source>
        <translation>žádné jiné místo se neblíží</translation>
    </message>
    <message>
        <source>the next best place is {weaker_db:fixed0} dB weaker</source>
        <translation>další nejlepší místo je o {weaker_db:fixed0} dB slabší</translation>
    </message>
    <message>
        <source>{agreement}; {rival}.</source>
        <translation>{agreement}; {rival}.</translation>
    </message>
    <message>
        <source>The same sound fits in more than one place: {agreement}; {rival}. Listen, or mark a clap.</source>
        <translation>Tentýž zvuk se hodí na více míst: {agreement}; {rival}. Poslechněte si to, nebo označte tlesknutí.</translation>
    </message>
    <message>
        <source>The evidence is thin: {agreement}; {rival}. Listen before you trust it.</source>
        <translation>Důkazy jsou slabé: {agreement}; {rival}. Než tomu uvěříte, poslechněte si to.</translation>
    </message>
    <message>
        <source>The claps fit in more than one place: {agreement}. Listen to each.</source>
        <translation>Tlesknutí se hodí na více míst: {agreement}. Poslechněte si každé.</translation>
    </message>
    <message>
        <source>The evidence is thin: {agreement}. Listen before you trust it.</source>
        <translation>Důkazy jsou slabé: {agreement}. Než tomu uvěříte, poslechněte si to.</translation>
    </message>
    <message>
        <source>{agreement}, but the other sound in the take does not decide. Listen to it.</source>
        <translation>{agreement}, ale ostatní zvuk v záběru nerozhoduje. Poslechněte si ho.</translation>
    </message>
    <message>
        <source>The claps of the two do not agree anywhere.</source>
        <translation>Tlesknutí obou nikde nesouhlasí.</translation>
    </message>
    <message>
        <source>No claps are heard in the take.</source>
        <translation>V záběru není slyšet žádné tlesknutí.</translation>
    </message>
    <message>
        <source>No claps are heard in the recording.</source>
        <translation>V nahrávce není slyšet žádné tlesknutí.</translation>
    </message>
    <message>
        <source>Nothing is heard around the claps.</source>
        <translation>Kolem tlesknutí není nic slyšet.</translation>
    </message>
    <message>
        <source>This one is where the time stamps have it.</source>
        <translation>Toto je místo podle časových značek.</translation>
    </message>
    <message>
        <source>No place where the two sounds agree at all.</source>
        <translation>Neexistuje místo, kde by oba zvuky souhlasily.</translation>
    </message>
    <message>
        <source>Nothing here comes near what the take is matched with elsewhere.</source>
        <translation>Nic se tu neblíží tomu, s čím záběr souhlasí jinde.</translation>
    </message>
    <message>
        <source>The two sounds share too little to compare.</source>
        <translation>Oba zvuky mají příliš málo společného na porovnání.</translation>
    </message>
    <message>
        <source>Little more than a second of sound: too little to tell.</source>
        <translation>Sotva víc než sekunda zvuku: příliš málo na rozhodnutí.</translation>
    </message>
    <message>
        <source>Nothing is heard in one of the two sounds.</source>
        <translation>V jednom z obou zvuků není nic slyšet.</translation>
    </message>
    <message>
        <source>timecode {timecode} and time reference {reference:clock2}</source>
        <translation>timecode {timecode} a časová reference {reference:clock2}</translation>
    </message>
    <message>
        <source>both time references</source>
        <translation>obě časové reference</translation>
    </message>
    <message>
        <source>both creation times</source>
        <translation>oba časy vytvoření</translation>
    </message>
    <message>
        <source>The two files carry no time stamps that can be compared.</source>
        <translation>Oba soubory nenesou časové značky, které by šlo porovnat.</translation>
    </message>
    <message>
        <source>By {stamps}, and the sound agrees: {agreement}</source>
        <translation>Podle {stamps}, a zvuk souhlasí: {agreement}</translation>
    </message>
    <message>
        <source>By {stamps} the two were not running at the same time.</source>
        <translation>Podle {stamps} neběžely oba ve stejnou dobu.</translation>
    </message>
    <message>
        <source>The {stamps} put it here, but the sound fits elsewhere beyond doubt; were the clocks set?</source>
        <translation>Podle {stamps} to patří sem, ale zvuk se nepochybně hodí jinam; byly hodiny nastaveny?</translation>
    </message>
    <message>
        <source>Placed by {stamps} alone, to a picture frame at best; the sound does not decide. Listen to it.</source>
        <translation>Umístěno jen podle {stamps}, nanejvýš na jeden snímek přesně; zvuk nerozhoduje. Poslechněte si to.</translation>
    </message>
    <message>
        <source>It fits {other} as well as {recording}, and one recorder made both at different times.</source>
        <translation>Hodí se na {other} stejně dobře jako na {recording}, a jeden rekordér pořídil obě v různou dobu.</translation>
    </message>
    <message>
        <source>It goes on from {recording} to the sample, by their time stamps.</source>
        <translation>Navazuje na {recording} na vzorek přesně, podle jejich časových značek.</translation>
    </message>
    <message>
        <source>It and {recording} continue each other: one clock.</source>
        <translation>On a {recording} na sebe navazují: jedny hodiny.</translation>
    </message>
    <message>
        <source>Its drift is that of longer takes of its camera: {drift_ppm:fixed1} ppm.</source>
        <translation>Jeho drift je podle delších záběrů téže kamery: {drift_ppm:fixed1} ppm.</translation>
    </message>
    <message>
        <source>It claims the same stretch as {take}, and one camera cannot have shot both.</source>
        <translation>Nárokuje stejný úsek jako {take}, a jedna kamera nemohla natočit oba.</translation>
    </message>
    <message>
        <source>The camera counted it after {take}, and here it lies the other way round.</source>
        <translation>Kamera ho počítala po {take}, tady leží obráceně.</translation>
    </message>
    <message>
        <source>The camera counted it before {take}, and here it lies the other way round.</source>
        <translation>Kamera ho počítala před {take}, tady leží obráceně.</translation>
    </message>
    <message>
        <source>It lies between {before} and {after}, as the camera counted them.</source>
        <translation>Leží mezi {before} a {after}, jak je kamera počítala.</translation>
    </message>
    <message>
        <source>It goes on from {take} and has its place.</source>
        <translation>Navazuje na {take} a má jeho místo.</translation>
    </message>
    <message>
        <source>{take} goes on from it, and it has that one&apos;s place.</source>
        <translation>{take} na něj navazuje, a má jeho místo.</translation>
    </message>
    <message>
        <source>{copy} is not the same sound as {recording}: {why}</source>
        <translation>{copy} není stejný zvuk jako {recording}: {why}</translation>
    </message>
    <message>
        <source>{copy} is {recording} with something cut out or put in, so that not all tethers can be kept. {why}</source>
        <translation>{copy} je {recording}, ale něco bylo vystřiženo nebo vloženo, takže nelze zachovat všechny vazby. {why}</translation>
    </message>
    <message>
        <source>it runs on another clock ({drift_ppm:fixed1} ppm), as another recorder does. Add it as a recording of its own.</source>
        <translation>běží podle jiných hodin ({drift_ppm:fixed1} ppm), jako jiný rekordér. Přidejte ji jako samostatnou nahrávku.</translation>
    </message>
    <message>
        <source>it was heard by another microphone. Add it as a recording of its own.</source>
        <translation>slyšel ji jiný mikrofon. Přidejte ji jako samostatnou nahrávku.</translation>
    </message>
    <message>
        <source>Nothing was compared yet.</source>
        <translation>Zatím se nic neporovnalo.</translation>
    </message>
    <message>
        <source>No spot shows common sound by itself: nothing here speaks for this place.</source>
        <translation>Na žádném místě není společný zvuk slyšet sám o sobě: nic zde pro toto místo nemluví.</translation>
    </message>
    <message>
        <source>Common sound in only {heard} of {asked} places: too little to say.</source>
        <translation>Společný zvuk jen na {heard} z {asked} míst: příliš málo na rozhodnutí.</translation>
    </message>
    <message>
        <source>The distance jumps by {by:slip} at {at:clock0}: the recorder lost or repeated sound there.</source>
        <translation>Odstup v čase {at:clock0} skočí o {by:slip}: rekordér tam zvuk ztratil nebo zopakoval.</translation>
    </message>
    <message>
        <source>{jumps} jumps in all.</source>
        <translation>Celkem skoků: {jumps}.</translation>
    </message>
    <message>
        <source>{agreeing} of {heard} places agree on one line, the others do not: look where the distance jumps.</source>
        <translation>{agreeing} z {heard} míst leží na jedné přímce, ostatní ne: podívejte se, kde odstup skáče.</translation>
    </message>
    <message>
        <source>In place from first to last: never more than {worst:slip} apart, worst at {at:clock0}.</source>
        <translation>Na místě od začátku do konce: nikdy víc než {worst:slip} od sebe, nejvíc v čase {at:clock0}.</translation>
    </message>
    <message>
        <source>The clocks run apart: {start:slip} at the start, {end:slip} at the end.</source>
        <translation>Hodiny se rozcházejí: {start:slip} na začátku, {end:slip} na konci.</translation>
    </message>
    <message>
        <source>Apart by {worst:slip} all along: {heard_as}.</source>
        <translation>Po celou dobu {worst:slip} od sebe: {heard_as}.</translation>
    </message>
    <message numerus="yes">
        <source>{off} places lie off the line.</source>
        <translation>
            <numerusform>{off} místo leží mimo přímku.</numerusform>
            <numerusform>{off} místa leží mimo přímku.</numerusform>
            <numerusform>{off} míst leží mimo přímku.</numerusform>
        </translation>
    </message>
    <message>
        <source>together</source>
        <translation>spolu</translation>
    </message>
    <message>
        <source>both together sound hollow</source>
        <translation>dohromady znějí dutě</translation>
    </message>
    <message>
        <source>heard as an echo</source>
        <translation>slyšet jako ozvěna</translation>
    </message>
    <message>
        <source>lips look wrong</source>
        <translation>rty nesedí</translation>
    </message>
    <message>
        <source>no common sound here</source>
        <translation>tady žádný společný zvuk</translation>
    </message>
    <message>
        <source>{slip:slip}: together</source>
        <translation>{slip:slip}: spolu</translation>
    </message>
    <message>
        <source>{slip:slip}: hollow</source>
        <translation>{slip:slip}: dutě</translation>
    </message>
    <message>
        <source>{slip:slip}: echo</source>
        <translation>{slip:slip}: ozvěna</translation>
    </message>
    <message>
        <source>{slip:slip}: apart</source>
        <translation>{slip:slip}: od sebe</translation>
    </message>
    <message>
        <source>The recording has {what}.</source>
        <translation>Nahrávka má {what}.</translation>
    </message>
    <message>
        <source>The camera has {what}.</source>
        <translation>Kamera má {what}.</translation>
    </message>
    <message>
        <source>But the camera has {what}.</source>
        <translation>Ale kamera má {what}.</translation>
    </message>
    <message>
        <source>{noise_db:fixed0} dB less noise</source>
        <translation>o {noise_db:fixed0} dB méně šumu</translation>
    </message>
    <message>
        <source>{echo_db:fixed0} dB less echo</source>
        <translation>o {echo_db:fixed0} dB méně ozvěny</translation>
    </message>
    <message>
        <source>{noise_db:fixed0} dB less noise and {echo_db:fixed0} dB less echo</source>
        <translation>o {noise_db:fixed0} dB méně šumu a o {echo_db:fixed0} dB méně ozvěny</translation>
    </message>
    <message>
        <source>Both sounds are about alike.</source>
        <translation>Oba zvuky jsou zhruba stejné.</translation>
    </message>
    <message>
        <source>The recording is clipped in {samples} samples.</source>
        <translation>Nahrávka je přebuzená ve vzorcích: {samples}.</translation>
    </message>
    <message>
        <source>The camera&apos;s sound is clipped.</source>
        <translation>Zvuk kamery je přebuzený.</translation>
    </message>
    <message>
        <source>The recording is on one side only.</source>
        <translation>Nahrávka je jen na jedné straně.</translation>
    </message>
    <message>
        <source>{packets} damaged pieces of sound could not be read; the rest is used, in its place.</source>
        <translation>Poškozených kousků zvuku, které nešlo přečíst: {packets}; zbytek se použije na svém místě.</translation>
    </message>
    <message>
        <source>Holes in the time stamps, {seconds:clock3} in all, are kept as silence.</source>
        <translation>Mezery v časových značkách, celkem {seconds:clock3}, zůstávají jako ticho.</translation>
    </message>
    <message>
        <source>One-sided: only channel {channel} of {channels} carries sound.</source>
        <translation>Jednostranné: zvuk nese jen kanál {channel} z {channels}.</translation>
    </message>
    <message>
        <source>Too hot: {samples} samples are clipped.</source>
        <translation>Příliš vybuzené: přebuzených vzorků {samples}.</translation>
    </message>
    <message>
        <source>The header was never completed (the recorder lost power?); all {present:clock0} of sound that follow it are used.</source>
        <translation>Hlavička nebyla dokončena (přišel rekordér o proud?); použije se celých {present:clock0} zvuku, které za ní jsou.</translation>
    </message>
    <message>
        <source>Cut short: the header promises {promised:clock0} of sound, the file ends after {present:clock0}. What is there is used; copy the file again if the card still has it.</source>
        <translation>Useknuto: hlavička slibuje {promised:clock0} zvuku, soubor končí po {present:clock0}. Co tu je, se použije; zkopírujte soubor znovu, má-li ho karta ještě.</translation>
    </message>
    <message>
        <source>It holds {tracks} sound tracks; only the first is used.</source>
        <translation>Obsahuje zvukové stopy ({tracks}); použije se jen první.</translation>
    </message>
    <message>
        <source>It holds {tracks} sound tracks; they are read side by side, as {channels} channels.</source>
        <translation>Obsahuje zvukové stopy ({tracks}); čtou se vedle sebe, jako kanály ({channels}).</translation>
    </message>
    <message>
        <source>It holds {tracks} sound tracks; {read} of them are read side by side, as {channels} channels.</source>
        <translation>Obsahuje zvukové stopy ({tracks}); z nich {read} se čte vedle sebe, jako kanály ({channels}).</translation>
    </message>
    <message>
        <source>The camera hears the hands {by:slip} late: about {metres:length} away (a picture frame leaves {doubt_metres:length} either way).</source>
        <translation>Kamera slyší ruce o {by:slip} později: asi {metres:length} daleko (jeden snímek nechává {doubt_metres:length} vůle).</translation>
    </message>
    <message>
        <source>The camera heard this clap {by:slip} before that picture: another clap, or another frame.</source>
        <translation>Kamera slyšela toto tlesknutí {by:slip} před tímto snímkem: jiné tlesknutí, nebo jiný snímek.</translation>
    </message>
    <message>
        <source>{metres:length} between hands and camera is hard to believe: another clap, or another frame.</source>
        <translation>{metres:length} mezi rukama a kamerou je těžko uvěřit: jiné tlesknutí, nebo jiný snímek.</translation>
    </message>
    <message>
        <source>Over {metres:length} the sound needs {by:slip}: the clean sound comes that much earlier.</source>
        <translation>Na {metres:length} zvuk potřebuje {by:slip}: o tolik dříve přijde čistý zvuk.</translation>
    </message>
    <message>
        <source>{metres:length} between subject and camera is hard to believe.</source>
        <translation>{metres:length} mezi osobou a kamerou je těžko uvěřit.</translation>
    </message>
    <message>
        <source>{file} was not found where it was. Everything known of it is kept; put the file back, or drop the folder it is in now.</source>
        <translation>{file} už není, kde byl. Vše, co je o něm známo, zůstává; vraťte soubor zpět, nebo sem přetáhněte složku, ve které teď je.</translation>
    </message>
    <message>
        <source>{file} has changed since the shoot was saved. Its tether is kept as it was; find matches again to be sure.</source>
        <translation>{file} se od uložení změnil. Vazba zůstává, jak byla; pro jistotu vyhledejte znovu.</translation>
    </message>
    <message>
        <source>{file} does not hold what its own history leads to; it was changed elsewhere. What it holds counts; the steps before cannot be undone.</source>
        <translation>{file} neobsahuje to, k čemu vede jeho vlastní historie; byl změněn jinde. Platí, co obsahuje; předchozí kroky nelze vrátit.</translation>
    </message>
    <message>
        <source>{file} speaks of files that it does not hold. What was on them is left out; one undo brings it back.</source>
        <translation>{file} mluví o souborech, které neobsahuje. Co na nich leželo, je vynecháno; jedno vrácení to přinese zpět.</translation>
    </message>
    <message>
        <source>It has no place yet: find matches, or place it by hand.</source>
        <translation>Zatím nemá místo: vyhledejte ho, nebo ho umístěte ručně.</translation>
    </message>
    <message>
        <source>It is tethered already.</source>
        <translation>Už je svázaný.</translation>
    </message>
    <message>
        <source>It is not tethered.</source>
        <translation>Není svázaný.</translation>
    </message>
    <message>
        <source>It is where its tether has it, or has none.</source>
        <translation>Je tam, kde ho má vazba, nebo žádnou nemá.</translation>
    </message>
    <message>
        <source>It is tethered: untether it first.</source>
        <translation>Je svázaný: nejdřív ho rozvažte.</translation>
    </message>
    <message>
        <source>It is where it was found.</source>
        <translation>Je tam, kde byl nalezen.</translation>
    </message>
    <message>
        <source>It has a place.</source>
        <translation>Místo má.</translation>
    </message>
    <message>
        <source>Its file is still being read.</source>
        <translation>Jeho soubor se ještě čte.</translation>
    </message>
    <message>
        <source>Add the recorder&apos;s file first.</source>
        <translation>Nejdřív přidejte soubor z rekordéru.</translation>
    </message>
    <message>
        <source>There is nothing to undo.</source>
        <translation>Není co vrátit.</translation>
    </message>
    <message>
        <source>There is nothing to do again.</source>
        <translation>Není co opakovat.</translation>
    </message>
    <message>
        <source>Add files first.</source>
        <translation>Nejdřív přidejte soubory.</translation>
    </message>
    <message>
        <source>There are files in the shoot already.</source>
        <translation>V natáčení už soubory jsou.</translation>
    </message>
    <message>
        <source>Every selected file could be read.</source>
        <translation>Každý vybraný soubor šlo přečíst.</translation>
    </message>
    <message>
        <source>Nothing is selected in the list.</source>
        <translation>V seznamu není nic vybráno.</translation>
    </message>
    <message>
        <source>No take is selected in the list.</source>
        <translation>V seznamu není vybrán žádný záběr.</translation>
    </message>
    <message>
        <source>The selected files are not the parts of one take.</source>
        <translation>Vybrané soubory nejsou části jednoho záběru.</translation>
    </message>
    <message>
        <source>It is a take of its own.</source>
        <translation>Je to samostatný záběr.</translation>
    </message>
    <message>
        <source>Select one file.</source>
        <translation>Vyberte jeden soubor.</translation>
    </message>
    <message>
        <source>It is no recording with a picture.</source>
        <translation>Není to nahrávka s obrazem.</translation>
    </message>
    <message>
        <source>Select one recording.</source>
        <translation>Vyberte jednu nahrávku.</translation>
    </message>
    <message>
        <source>There is nothing to write.</source>
        <translation>Není co zapsat.</translation>
    </message>
    <message>
        <source>The files were written, or are being written.</source>
        <translation>Soubory jsou zapsané, nebo se zapisují.</translation>
    </message>
    <message>
        <source>Nothing failed or was stopped.</source>
        <translation>Nic neselhalo ani nebylo zastaveno.</translation>
    </message>
    <message>
        <source>Nothing was written yet.</source>
        <translation>Zatím se nic nezapsalo.</translation>
    </message>
    <message>
        <source>Files are being written.</source>
        <translation>Zapisují se soubory.</translation>
    </message>
    <message>
        <source>Nothing is running.</source>
        <translation>Nic neběží.</translation>
    </message>
    <message>
        <source>No take is unsure.</source>
        <translation>Žádný záběr není nejistý.</translation>
    </message>
    <message>
        <source>No take in the list waits for its tether.</source>
        <translation>Žádný záběr v seznamu nečeká na vazbu.</translation>
    </message>
    <message>
        <source>No take is on the bench.</source>
        <translation>Na stole není žádný záběr.</translation>
    </message>
    <message>
        <source>No other place came near.</source>
        <translation>Žádné jiné místo se nepřiblížilo.</translation>
    </message>
    <message>
        <source>There are no marks yet.</source>
        <translation>Zatím nejsou žádné značky.</translation>
    </message>
    <message>
        <source>No claps were found.</source>
        <translation>Nenašlo se žádné tlesknutí.</translation>
    </message>
    <message>
        <source>{where}{more:run}</source>
        <translation>{where}{more:run}</translation>
    </message>
    <message>
        <source>; drift measured</source>
        <translation>; drift změřen</translation>
    </message>
    <message>
        <source>; {ways} other ways fit as well: N tries them</source>
        <translation>; jiných možností, které sedí stejně dobře: {ways}; N je zkusí</translation>
    </message>
    <message>
        <source>{item}</source>
        <translation>{item}</translation>
    </message>
    <message>
        <source>, {item}</source>
        <translation>, {item}</translation>
    </message>
    <message>
        <source> and {item}</source>
        <translation> a {item}</translation>
    </message>
    <message>
        <source>all channels mixed, on both sides</source>
        <translation>všechny kanály smíchané, na obou stranách</translation>
    </message>
    <message>
        <source>all {channels} channels mixed</source>
        <translation>všechny kanály ({channels}) smíchané</translation>
    </message>
    <message>
        <source>channel {channels:run} on both sides</source>
        <translation>kanál {channels:run} na obou stranách</translation>
    </message>
    <message>
        <source>channels {channels:run} mixed, on both sides</source>
        <translation>kanály {channels:run} smíchané, na obou stranách</translation>
    </message>
    <message>
        <source>channels {channels:run} as stereo</source>
        <translation>kanály {channels:run} jako stereo</translation>
    </message>
    <message>
        <source>one-sided: channel {channel} on both sides</source>
        <translation>jednostranné: kanál {channel} na obou stranách</translation>
    </message>
    <message>
        <source>mono, in both channels</source>
        <translation>mono, v obou kanálech</translation>
    </message>
    <message>
        <source>stereo</source>
        <translation>stereo</translation>
    </message>
    <message>
        <source>stereo, sides swapped</source>
        <translation>stereo, strany prohozené</translation>
    </message>
    <message>
        <source>; peaks may go over full scale: that is measured first, and the whole take is turned down where they do</source>
        <translation>; špičky možná přesáhnou plné vybuzení: nejdřív se to změří a kde ano, ztiší se celý záběr</translation>
    </message>
    <message>
        <source>; peaks may go over full scale: that is measured first, and they are limited where they do</source>
        <translation>; špičky možná přesáhnou plné vybuzení: nejdřív se to změří a kde ano, omezí se</translation>
    </message>
    <message>
        <source>; peaks may go over full scale: that is measured first, and they are CUT where they do, as chosen</source>
        <translation>; špičky možná přesáhnou plné vybuzení: nejdřív se to změří a kde ano, OŘÍZNOU SE, jak bylo zvoleno</translation>
    </message>
    <message>
        <source>; peaks {over_db:fixed1} dB over full scale are kept</source>
        <translation>; špičky {over_db:fixed1} dB nad plným vybuzením zůstanou</translation>
    </message>
    <message>
        <source>; peaks would go {over_db:fixed1} dB over full scale, so the whole take is turned down by {by_db:fixed1} dB</source>
        <translation>; špičky by šly {over_db:fixed1} dB nad plné vybuzení, proto se celý záběr ztiší o {by_db:fixed1} dB</translation>
    </message>
    <message>
        <source>; peaks would go {over_db:fixed1} dB over full scale, and are limited to {dbtp:fixed1} dBTP</source>
        <translation>; špičky by šly {over_db:fixed1} dB nad plné vybuzení a omezí se na {dbtp:fixed1} dBTP</translation>
    </message>
    <message>
        <source>; peaks go {over_db:fixed1} dB over full scale and are CUT there, as chosen</source>
        <translation>; špičky jdou {over_db:fixed1} dB nad plné vybuzení a tam se OŘÍZNOU, jak bylo zvoleno</translation>
    </message>
    <message numerus="yes">
        <source>Of the {track} {samples:grouped} samples were cut at full scale.</source>
        <translation>
            <numerusform>{track}: {samples:grouped} vzorek byl oříznut na plném vybuzení.</numerusform>
            <numerusform>{track}: {samples:grouped} vzorky byly oříznuty na plném vybuzení.</numerusform>
            <numerusform>{track}: {samples:grouped} vzorků bylo oříznuto na plném vybuzení.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Of the {track} {samples:grouped} samples were cut at full scale, as chosen.</source>
        <translation>
            <numerusform>{track}: {samples:grouped} vzorek byl podle volby oříznut na plném vybuzení.</numerusform>
            <numerusform>{track}: {samples:grouped} vzorky byly podle volby oříznuty na plném vybuzení.</numerusform>
            <numerusform>{track}: {samples:grouped} vzorků bylo podle volby oříznuto na plném vybuzení.</numerusform>
        </translation>
    </message>
    <message>
        <source>{range}{picture}; track 1 {sound}.</source>
        <translation>{range}{picture}; stopa 1 {sound}.</translation>
    </message>
    <message>
        <source>clean sound, {channels}, {codec}, 48 kHz{rest:run}</source>
        <translation>čistý zvuk, {channels}, {codec}, 48 kHz{rest:run}</translation>
    </message>
    <message>
        <source>{pieces} pieces of the take, each a file. </source>
        <translation>Částí záběru: {pieces}, každá jeden soubor. </translation>
    </message>
    <message>
        <source>From {start:clock1} to {end:clock1} of the take. </source>
        <translation>Od {start:clock1} do {end:clock1} záběru. </translation>
    </message>
    <message>
        <source>Picture untouched</source>
        <translation>Obraz nedotčen</translation>
    </message>
    <message>
        <source>Picture untouched, from the key frame {lead:fixed2} s before the cut on</source>
        <translation>Obraz nedotčen, od klíčového snímku {lead:fixed2} s před střihem</translation>
    </message>
    <message>
        <source>Picture re-encoded ({codec}, hardly to be told from the take&apos;s; slow){why}</source>
        <translation>Obraz znovu zakódován ({codec}, sotva k rozeznání od záběru; pomalé){why}</translation>
    </message>
    <message>
        <source> because {container} cannot begin between key frames</source>
        <translation>, protože {container} nemůže začínat mezi klíčovými snímky</translation>
    </message>
    <message>
        <source>, brought to {lufs:fixed1} LUFS with peaks under {dbtp:fixed1} dBTP</source>
        <translation>, upraveno na {lufs:fixed1} LUFS, se špičkami pod {dbtp:fixed1} dBTP</translation>
    </message>
    <message>
        <source>, {db:fixed1} dB louder</source>
        <translation>, o {db:fixed1} dB hlasitější</translation>
    </message>
    <message>
        <source>, {db:fixed1} dB quieter</source>
        <translation>, o {db:fixed1} dB tišší</translation>
    </message>
    <message>
        <source>, camera sound mixed in, {db:fixed1} dB louder</source>
        <translation>, zvuk kamery přimíchán, o {db:fixed1} dB hlasitější</translation>
    </message>
    <message>
        <source>, camera sound mixed in, {db:fixed1} dB quieter</source>
        <translation>, zvuk kamery přimíchán, o {db:fixed1} dB tišší</translation>
    </message>
    <message>
        <source>clean sound</source>
        <translation>čistý zvuk</translation>
    </message>
    <message>
        <source>camera sound</source>
        <translation>zvuk kamery</translation>
    </message>
    <message>
        <source>track {number} {what}</source>
        <translation>stopa {number} {what}</translation>
    </message>
    <message>
        <source>; {tracks:run}, which does not play by itself</source>
        <translation>; {tracks:run}, která se sama nepřehrává</translation>
    </message>
    <message>
        <source>; {tracks:run}, which do not play by themselves</source>
        <translation>; {tracks:run}, které se samy nepřehrávají</translation>
    </message>
    <message>
        <source>; camera sound not included</source>
        <translation>; zvuk kamery není obsažen</translation>
    </message>
    <message>
        <source>; camera sound where the recording does not reach</source>
        <translation>; zvuk kamery, kam nahrávka nesahá</translation>
    </message>
    <message>
        <source>; silence where the recording does not reach</source>
        <translation>; ticho, kam nahrávka nesahá</translation>
    </message>
    <message numerus="yes">
        <source>; the recording is clipped in {places} places</source>
        <translation>
            <numerusform>; nahrávka je přebuzená na {places} místě</numerusform>
            <numerusform>; nahrávka je přebuzená na {places} místech</numerusform>
            <numerusform>; nahrávka je přebuzená na {places} místech</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; {claps} claps quiet</source>
        <translation>
            <numerusform>; {claps} tlesknutí ztišeno</numerusform>
            <numerusform>; {claps} tlesknutí ztišena</numerusform>
            <numerusform>; {claps} tlesknutí ztišeno</numerusform>
        </translation>
    </message>
    <message>
        <source>; drift not corrected</source>
        <translation>; drift neopraven</translation>
    </message>
    <message>
        <source>; that players turn the picture by {degrees} degrees is left out</source>
        <translation>; otočení obrazu o {degrees} stupňů při přehrávání je vynecháno</translation>
    </message>
    <message>
        <source>; {stream} left out</source>
        <translation>; {stream} vynecháno</translation>
    </message>
    <message>
        <source>subtitles ({codec})</source>
        <translation>titulky ({codec})</translation>
    </message>
    <message>
        <source>a {kind} track ({codec})</source>
        <translation>stopa druhu {kind} ({codec})</translation>
    </message>
    <message>
        <source>a {kind} track of an unknown kind</source>
        <translation>stopa druhu {kind} v neznámém formátu</translation>
    </message>
    <message>
        <source>As long as the take{lead}, on the picture&apos;s clock: {track}, {channels}, {format}{rest:run}.</source>
        <translation>Dlouhý jako záběr{lead}, podle hodin obrazu: {track}, {channels}, {format}{rest:run}.</translation>
    </message>
    <message>
        <source>As long as the piece from {start:clock1} to {end:clock1} of the take{lead}, on the picture&apos;s clock: {track}, {channels}, {format}{rest:run}.</source>
        <translation>Dlouhý jako část od {start:clock1} do {end:clock1} záběru{lead}, podle hodin obrazu: {track}, {channels}, {format}{rest:run}.</translation>
    </message>
    <message>
        <source>, and what its video shows before</source>
        <translation>, a to, co jeho video ukazuje předtím</translation>
    </message>
    <message>
        <source>FLAC, 24-bit, 48 kHz</source>
        <translation>FLAC, 24 bitů, 48 kHz</translation>
    </message>
    <message>
        <source>broadcast WAV, 24-bit, 48 kHz</source>
        <translation>broadcast WAV, 24 bitů, 48 kHz</translation>
    </message>
    <message>
        <source>broadcast WAV, 32-bit float, 48 kHz</source>
        <translation>broadcast WAV, 32bitová plovoucí čárka, 48 kHz</translation>
    </message>
    <message>
        <source>Nobody has confirmed its place yet.</source>
        <translation>Jeho místo zatím nikdo nepotvrdil.</translation>
    </message>
    <message>
        <source>Its place is not sure: listen first.</source>
        <translation>Jeho místo není jisté: nejdřív si ho poslechněte.</translation>
    </message>
    <message>
        <source>It is away from its tether.</source>
        <translation>Leží mimo svou vazbu.</translation>
    </message>
    <message>
        <source>Every take where it was on the day, its clean sound under it{where}.</source>
        <translation>Každý záběr tam, kde v průběhu dne byl, s čistým zvukem pod ním{where}.</translation>
    </message>
    <message>
        <source>The first camera&apos;s takes and their sound, in whole frames{where}.</source>
        <translation>Záběry první kamery a jejich zvuk, v celých snímcích{where}.</translation>
    </message>
    <message>
        <source>; points at the takes and recordings as they are</source>
        <translation>; odkazuje na záběry a nahrávky, jak jsou</translation>
    </message>
    <message>
        <source>; points at the new files</source>
        <translation>; odkazuje na nové soubory</translation>
    </message>
    <message>
        <source>What was matched to what, how well, and what was written, with pictures.</source>
        <translation>Co k čemu sedlo, jak dobře, a co se zapsalo, s obrázky.</translation>
    </message>
    <message>
        <source>The same as a table.</source>
        <translation>Totéž jako tabulka.</translation>
    </message>
    <message>
        <source>The same for scripts.</source>
        <translation>Totéž pro skripty.</translation>
    </message>
    <message>
        <source>It holds 999 events; {left_out} are left out.</source>
        <translation>Obsahuje 999 událostí; vynecháno: {left_out}.</translation>
    </message>
    <message>
        <source>It counts whole frames: {rounded} of {sounds} sounds lie up to half a frame from their place.</source>
        <translation>Počítá celé snímky: {rounded} z {sounds} zvuků leží až půl snímku od svého místa.</translation>
    </message>
    <message>
        <source>It knows no drift: export the clean sound, and point at that instead.</source>
        <translation>Nezná drift: exportujte čistý zvuk a odkazujte na něj.</translation>
    </message>
    <message>
        <source>{track} is left out: of several microphones an edit decision list holds the one that is heard.</source>
        <translation>{track} je vynechán: z více mikrofonů obsahuje střihový seznam ten, který je slyšet.</translation>
    </message>
    <message numerus="yes">
        <source>{track} is left out: an edit decision list holds one picture track ({clips} clips).</source>
        <translation>
            <numerusform>{track} je vynechán: střihový seznam obsahuje jednu obrazovou stopu (klipů: {clips}).</numerusform>
            <numerusform>{track} je vynechán: střihový seznam obsahuje jednu obrazovou stopu (klipů: {clips}).</numerusform>
            <numerusform>{track} je vynechán: střihový seznam obsahuje jednu obrazovou stopu (klipů: {clips}).</numerusform>
        </translation>
    </message>
    <message>
        <source>Its timecode counts {counted} frames a second; the picture has {rate}.</source>
        <translation>Jeho timecode počítá {counted} snímků za sekundu; obraz má {rate}.</translation>
    </message>
    <message>
        <source>Choose a folder to write to.</source>
        <translation>Zvolte složku, kam se zapíše.</translation>
    </message>
    <message>
        <source>Choose what is to be written.</source>
        <translation>Zvolte, co se má zapsat.</translation>
    </message>
    <message>
        <source>No take has a place yet: find matches first.</source>
        <translation>Žádný záběr zatím nemá místo: nejdřív vyhledejte.</translation>
    </message>
    <message>
        <source>There is not enough room: about {needed:bytes} are needed, {free:bytes} are free.</source>
        <translation>Není dost místa: je potřeba asi {needed:bytes}, volno je {free:bytes}.</translation>
    </message>
    <message>
        <source>There is no {field}: a name can hold {known}.</source>
        <translation>{field} neexistuje: název může obsahovat {known}.</translation>
    </message>
    <message>
        <source>No recording covers any of what is kept of it, and only what is covered was asked for. Keep more of the take, or choose silence or the camera&apos;s sound for the gaps.</source>
        <translation>Žádná nahrávka nepokrývá nic z toho, co se ponechává, a chtěno bylo jen pokryté. Ponechte ze záběru víc, nebo pro mezery zvolte ticho či zvuk kamery.</translation>
    </message>
    <message>
        <source>It has no picture; its clean sound alone can be written.</source>
        <translation>Nemá obraz; zapsat lze jen jeho čistý zvuk.</translation>
    </message>
    <message>
        <source>{file} is not there: is the card in?</source>
        <translation>{file} tu není: je karta zasunutá?</translation>
    </message>
    <message>
        <source>{codec} does not go into {container}; choose {can}.</source>
        <translation>{codec} nepatří do {container}; zvolte {can}.</translation>
    </message>
    <message>
        <source>Stopped; nothing half-written was left.</source>
        <translation>Zastaveno; nic napůl zapsaného nezůstalo.</translation>
    </message>
    <message>
        <source>It holds {sounds} sounds and not {meant}.</source>
        <translation>Obsahuje {sounds} zvuků, a ne {meant}.</translation>
    </message>
    <message>
        <source>It holds {samples:grouped} samples and not {meant:grouped}.</source>
        <translation>Obsahuje {samples:grouped} vzorků, a ne {meant:grouped}.</translation>
    </message>
    <message>
        <source>The {track} has {samples:grouped} samples in the file and not {meant:grouped}.</source>
        <translation>{track}: v souboru {samples:grouped} vzorků, a ne {meant:grouped}.</translation>
    </message>
    <message>
        <source>The {track} is not what was rendered, from {from:clock0} of the file on.</source>
        <translation>{track}: od {from:clock0} souboru není tím, co bylo vypočteno.</translation>
    </message>
    <message>
        <source>The {track} has {channels} channels in the file and not {meant}.</source>
        <translation>{track}: v souboru {channels} kanálů, a ne {meant}.</translation>
    </message>
    <message>
        <source>The {track}{which} at {at:clock1} lies {by:slip} from where the tether says.</source>
        <translation>{track}{which} v čase {at:clock1} leží {by:slip} od toho, co říká vazba.</translation>
    </message>
    <message>
        <source>, channel {channel},</source>
        <translation>, kanál {channel},</translation>
    </message>
    <message>
        <source>The picture differs from the take: {how}.</source>
        <translation>Obraz se od záběru liší: {how}.</translation>
    </message>
    <message>
        <source>{pictures} pictures against {against}</source>
        <translation>{pictures} snímků proti {against}</translation>
    </message>
    <message>
        <source>picture packet {packet} holds another coded picture</source>
        <translation>obrazový paket {packet} obsahuje jiný zakódovaný snímek</translation>
    </message>
    <message>
        <source>picture packet {packet} is shown at another time</source>
        <translation>obrazový paket {packet} se ukáže v jiný čas</translation>
    </message>
    <message>
        <source>It holds more pictures than the take does there.</source>
        <translation>Obsahuje víc snímků než záběr na tom místě.</translation>
    </message>
    <message>
        <source>It holds fewer pictures than the take does there.</source>
        <translation>Obsahuje méně snímků než záběr na tom místě.</translation>
    </message>
    <message>
        <source>The picture at {at:clock2} is shown at another time than in the take.</source>
        <translation>Snímek v čase {at:clock2} se ukáže v jiný čas než v záběru.</translation>
    </message>
    <message>
        <source>The picture at {at:clock1} differs from the take&apos;s so that it is seen.</source>
        <translation>Snímek v čase {at:clock1} se od záběru viditelně liší.</translation>
    </message>
    <message>
        <source>{pictures:grouped} pictures identical</source>
        <translation>{pictures:grouped} snímků shodných</translation>
    </message>
    <message>
        <source>{pictures:grouped} pictures DIFFER</source>
        <translation>{pictures:grouped} snímků ODLIŠNÝCH</translation>
    </message>
    <message>
        <source>{pictures:grouped} pictures alike to {db:fixed0} dB</source>
        <translation>{pictures:grouped} snímků stejných na {db:fixed0} dB</translation>
    </message>
    <message>
        <source>Add {file}</source>
        <translation>Přidat {file}</translation>
    </message>
    <message numerus="yes">
        <source>Add {files} files</source>
        <translation>
            <numerusform>Přidat {files} soubor</numerusform>
            <numerusform>Přidat {files} soubory</numerusform>
            <numerusform>Přidat {files} souborů</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Find {files} moved files</source>
        <translation>
            <numerusform>Najít {files} přesunutý soubor</numerusform>
            <numerusform>Najít {files} přesunuté soubory</numerusform>
            <numerusform>Najít {files} přesunutých souborů</numerusform>
        </translation>
    </message>
    <message>
        <source>Swap {recording} for {copy}</source>
        <translation>Vyměnit {recording} za {copy}</translation>
    </message>
    <message>
        <source>Remove {file}</source>
        <translation>Odebrat {file}</translation>
    </message>
    <message>
        <source>Back to &quot;{snapshot}&quot;</source>
        <translation>Zpět k „{snapshot}“</translation>
    </message>
    <message>
        <source>{take} as in &quot;{snapshot}&quot;</source>
        <translation>{take} jako v „{snapshot}“</translation>
    </message>
    <message numerus="yes">
        <source>Find matches for {takes} takes</source>
        <translation>
            <numerusform>Najít místo pro {takes} záběr</numerusform>
            <numerusform>Najít místo pro {takes} záběry</numerusform>
            <numerusform>Najít místo pro {takes} záběrů</numerusform>
        </translation>
    </message>
    <message>
        <source>Tether {take}</source>
        <translation>Svázat {take}</translation>
    </message>
    <message numerus="yes">
        <source>Tether {takes} takes</source>
        <translation>
            <numerusform>Svázat {takes} záběr</numerusform>
            <numerusform>Svázat {takes} záběry</numerusform>
            <numerusform>Svázat {takes} záběrů</numerusform>
        </translation>
    </message>
    <message>
        <source>Use {file} as a take</source>
        <translation>Použít {file} jako záběr</translation>
    </message>
    <message>
        <source>Use {file} as a recording</source>
        <translation>Použít {file} jako nahrávku</translation>
    </message>
    <message numerus="yes">
        <source>Name the camera of {takes} takes</source>
        <translation>
            <numerusform>Pojmenovat kameru {takes} záběru</numerusform>
            <numerusform>Pojmenovat kameru {takes} záběrů</numerusform>
            <numerusform>Pojmenovat kameru {takes} záběrů</numerusform>
        </translation>
    </message>
    <message>
        <source>Treat {before} and {after} as one</source>
        <translation>Brát {before} a {after} jako jeden</translation>
    </message>
    <message>
        <source>Treat {takes} takes as one</source>
        <translation>Brát záběry ({takes}) jako jeden</translation>
    </message>
    <message>
        <source>Treat {take} as a take of its own</source>
        <translation>Brát {take} jako samostatný záběr</translation>
    </message>
    <message>
        <source>Untether {take}</source>
        <translation>Rozvázat {take}</translation>
    </message>
    <message>
        <source>Hear {recording} in {take}</source>
        <translation>Slyšet {recording} v {take}</translation>
    </message>
    <message>
        <source>Move the clean sound of {take} by {by:slip}</source>
        <translation>Posunout čistý zvuk {take} o {by:slip}</translation>
    </message>
    <message>
        <source>Place the clean sound of {take} at {where}</source>
        <translation>Umístit čistý zvuk {take} na {where}</translation>
    </message>
    <message>
        <source>{at:clock6}</source>
        <translation>{at:clock6}</translation>
    </message>
    <message>
        <source>the best place</source>
        <translation>nejlepší místo</translation>
    </message>
    <message>
        <source>a place {weaker_db:fixed0} dB weaker</source>
        <translation>místo o {weaker_db:fixed0} dB slabší</translation>
    </message>
    <message numerus="yes">
        <source>{pairs} pairs, at most {apart:slip} apart</source>
        <translation>
            <numerusform>1 dvojice</numerusform>
            <numerusform>{pairs} dvojice, nanejvýš {apart:slip} od sebe</numerusform>
            <numerusform>{pairs} dvojic, nanejvýš {apart:slip} od sebe</numerusform>
        </translation>
    </message>
    <message>
        <source>Lay {take} on {recording}</source>
        <translation>Položit {take} na {recording}</translation>
    </message>
    <message>
        <source>Back to the found place of {take}</source>
        <translation>Zpět na nalezené místo {take}</translation>
    </message>
    <message>
        <source>Back to the tether of {take}</source>
        <translation>Zpět k vazbě {take}</translation>
    </message>
    <message>
        <source>Forget the distance to the camera of {take}</source>
        <translation>Zapomenout vzdálenost {take} ke kameře</translation>
    </message>
    <message>
        <source>Let the clean sound of {take} come {by:slip} earlier, as the picture has it</source>
        <translation>Nechat čistý zvuk {take} přijít o {by:slip} dříve, jak ho má obraz</translation>
    </message>
    <message>
        <source>Leave out what is on files that are not there</source>
        <translation>Vynechat, co leží na souborech, které tu nejsou</translation>
    </message>
    <message>
        <source>What could not be kept step by step</source>
        <translation>Co nešlo zaznamenat krok za krokem</translation>
    </message>
    <message>
        <source>Put {mark} on {file}</source>
        <translation>Dát {mark} na {file}</translation>
    </message>
    <message>
        <source>Move {mark}</source>
        <translation>Posunout {mark}</translation>
    </message>
    <message>
        <source>Call {mark} {name}</source>
        <translation>Nazvat {mark} {name}</translation>
    </message>
    <message>
        <source>Remove {mark}</source>
        <translation>Odebrat {mark}</translation>
    </message>
    <message>
        <source>Cut {take}</source>
        <translation>Střihnout {take}</translation>
    </message>
    <message>
        <source>Drop a piece of {take}</source>
        <translation>Vynechat část {take}</translation>
    </message>
    <message>
        <source>Bring back a piece of {take}</source>
        <translation>Vrátit část {take}</translation>
    </message>
    <message>
        <source>Trim the start of {take}</source>
        <translation>Zkrátit začátek {take}</translation>
    </message>
    <message>
        <source>Trim the end of {take}</source>
        <translation>Zkrátit konec {take}</translation>
    </message>
    <message>
        <source>Keep a selection of {take}</source>
        <translation>Ponechat výběr z {take}</translation>
    </message>
    <message>
        <source>Keep the shared part of {take}</source>
        <translation>Ponechat společnou část {take}</translation>
    </message>
    <message>
        <source>Keep the whole of {take}</source>
        <translation>Ponechat {take} celý</translation>
    </message>
    <message>
        <source>For all takes: {what}</source>
        <translation>Pro všechny záběry: {what}</translation>
    </message>
    <message>
        <source>For {take}: {what}</source>
        <translation>Pro {take}: {what}</translation>
    </message>
    <message numerus="yes">
        <source>For {takes} takes: {what}</source>
        <translation>
            <numerusform>Pro {takes} záběr: {what}</numerusform>
            <numerusform>Pro {takes} záběry: {what}</numerusform>
            <numerusform>Pro {takes} záběrů: {what}</numerusform>
        </translation>
    </message>
    <message>
        <source>camera&apos;s sound left out</source>
        <translation>zvuk kamery vynechán</translation>
    </message>
    <message>
        <source>camera&apos;s sound on a second track</source>
        <translation>zvuk kamery na druhé stopě</translation>
    </message>
    <message>
        <source>camera&apos;s sound mixed in</source>
        <translation>zvuk kamery přimíchán</translation>
    </message>
    <message>
        <source>camera&apos;s sound mixed in by {db:signed1} dB</source>
        <translation>zvuk kamery přimíchán s {db:signed1} dB</translation>
    </message>
    <message>
        <source>channels as recorded</source>
        <translation>kanály jako v nahrávce</translation>
    </message>
    <message>
        <source>left channel on both sides</source>
        <translation>levý kanál na obou stranách</translation>
    </message>
    <message>
        <source>right channel on both sides</source>
        <translation>pravý kanál na obou stranách</translation>
    </message>
    <message>
        <source>channels mixed</source>
        <translation>kanály smíchané</translation>
    </message>
    <message>
        <source>channels as stereo</source>
        <translation>kanály jako stereo</translation>
    </message>
    <message>
        <source>sides swapped</source>
        <translation>strany prohozené</translation>
    </message>
    <message>
        <source>some channels chosen</source>
        <translation>vybrané kanály</translation>
    </message>
    <message>
        <source>polarity inverted</source>
        <translation>polarita obrácená</translation>
    </message>
    <message>
        <source>polarity as matched</source>
        <translation>polarita podle nálezu</translation>
    </message>
    <message>
        <source>level to {lufs:signed1} LUFS</source>
        <translation>úroveň na {lufs:signed1} LUFS</translation>
    </message>
    <message>
        <source>level by {db:signed1} dB</source>
        <translation>úroveň o {db:signed1} dB</translation>
    </message>
    <message>
        <source>peaks under {dbtp:signed1} dBTP</source>
        <translation>špičky pod {dbtp:signed1} dBTP</translation>
    </message>
    <message>
        <source>gaps silent</source>
        <translation>mezery tiché</translation>
    </message>
    <message>
        <source>camera&apos;s sound in gaps</source>
        <translation>v mezerách zvuk kamery</translation>
    </message>
    <message>
        <source>gaps trimmed away</source>
        <translation>mezery odříznuty</translation>
    </message>
    <message>
        <source>drift corrected</source>
        <translation>drift opraven</translation>
    </message>
    <message>
        <source>offset only</source>
        <translation>jen posun</translation>
    </message>
    <message>
        <source>claps heard</source>
        <translation>tlesknutí slyšet</translation>
    </message>
    <message>
        <source>claps lowered to {db:signed0} dB</source>
        <translation>tlesknutí ztlumena na {db:signed0} dB</translation>
    </message>
    <message>
        <source>fades of {ms:fixed0} ms at edges</source>
        <translation>náběhy {ms:fixed0} ms na krajích</translation>
    </message>
    <message>
        <source>sound as it was</source>
        <translation>zvuk, jak byl</translation>
    </message>
    <message>
        <source>sound as for all takes</source>
        <translation>zvuk jako pro všechny záběry</translation>
    </message>
    <message>
        <source>levels alike, {lufs:fixed1} LUFS</source>
        <translation>stejné úrovně, {lufs:fixed1} LUFS</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Zastaveno.</translation>
    </message>
    <message>
        <source>{file} is not there any more. Was the card taken out, or the file moved? Put it back and try again.</source>
        <translation>{file} už tu není. Byla vyjmuta karta, nebo soubor přesunut? Vraťte ho a zkuste to znovu.</translation>
    </message>
    <message>
        <source>{file} is a folder, not a film or a sound.</source>
        <translation>{file} je složka, ne film ani zvuk.</translation>
    </message>
    <message>
        <source>{file} is no file, but a device or a pipe. It was not opened.</source>
        <translation>{file} není soubor, ale zařízení nebo roura. Nebylo otevřeno.</translation>
    </message>
    <message>
        <source>{file} is too large to be what it says. It was not opened.</source>
        <translation>{file} je příliš velký na to, čím se hlásí být. Nebyl otevřen.</translation>
    </message>
    <message>
        <source>{file} may not be read by this user ({why}). Change its permissions and try again.</source>
        <translation>{file} tento uživatel nesmí číst ({why}). Změňte oprávnění a zkuste to znovu.</translation>
    </message>
    <message>
        <source>{file} is empty (0 bytes): nothing was recorded, or the copy failed. Copy it again from the card.</source>
        <translation>{file} je prázdný (0 bajtů): nic se nenahrálo, nebo selhalo kopírování. Zkopírujte ho z karty znovu.</translation>
    </message>
    <message>
        <source>{file} is text, not a film or a sound, whatever its name says. It was left alone; look for the real file on the card.</source>
        <translation>{file} je text, ne film ani zvuk, ať se jmenuje jakkoli. Zůstal nedotčen; najděte na kartě ten pravý soubor.</translation>
    </message>
    <message>
        <source>{file} was never finished: the camera did not get to write its index, or the copy was cut short. Copy it again; if the card&apos;s own file is like this, the camera may be able to repair it.</source>
        <translation>{file} nebyl dokončen: kamera nestihla zapsat rejstřík, nebo je kopie useknutá. Zkopírujte ho znovu; je-li takový i na kartě, možná ho dokáže opravit kamera.</translation>
    </message>
    <message>
        <source>{file} is not a film or a sound that can be read, or it is damaged from its beginning. It was left alone; copy it again from the card.</source>
        <translation>{file} není čitelný film ani zvuk, nebo je poškozen od začátku. Zůstal nedotčen; zkopírujte ho z karty znovu.</translation>
    </message>
    <message>
        <source>{file} uses the format {codec}, which this machine cannot decode. Convert it and add it again.</source>
        <translation>{file} používá formát {codec}, který tento počítač neumí přečíst. Převeďte ho a přidejte znovu.</translation>
    </message>
    <message>
        <source>{file}: the {codec} stream cannot be opened ({why}).</source>
        <translation>{file}: proud {codec} nelze otevřít ({why}).</translation>
    </message>
    <message>
        <source>{file} holds no sound that can be read.</source>
        <translation>{file} neobsahuje čitelný zvuk.</translation>
    </message>
    <message>
        <source>{file} has a sound track with no sound in it.</source>
        <translation>{file} má zvukovou stopu bez zvuku.</translation>
    </message>
    <message>
        <source>{file} has a picture but no sound, so there is nothing to match by. Turn on the camera&apos;s microphone next time; this take can only be placed by hand.</source>
        <translation>{file} má obraz, ale žádný zvuk, takže není co porovnávat. Příště zapněte mikrofon kamery; tento záběr lze umístit jen ručně.</translation>
    </message>
    <message numerus="yes">
        <source>{file} has {channels} channels; there is no channel {channel}.</source>
        <translation>
            <numerusform>{file} má jeden kanál; kanál {channel} neexistuje.</numerusform>
            <numerusform>{file} má {channels} kanály; kanál {channel} neexistuje.</numerusform>
            <numerusform>{file} má {channels} kanálů; kanál {channel} neexistuje.</numerusform>
        </translation>
    </message>
    <message>
        <source>{file} could not be read any further ({why}). Is the card still in? Nothing was changed; try again.</source>
        <translation>{file} nešlo číst dál ({why}). Je karta stále zasunutá? Nic se nezměnilo; zkuste to znovu.</translation>
    </message>
    <message>
        <source>{file} could not be read again.</source>
        <translation>{file} nešlo přečíst znovu.</translation>
    </message>
    <message>
        <source>Cannot read {file}: {why}.</source>
        <translation>{file} nelze přečíst: {why}.</translation>
    </message>
    <message>
        <source>{file} is not in the cache.</source>
        <translation>{file} není v mezipaměti.</translation>
    </message>
    <message>
        <source>{file} has no picture.</source>
        <translation>{file} nemá obraz.</translation>
    </message>
    <message>
        <source>{file}: no picture could be decoded here. Is the file still there?</source>
        <translation>{file}: tady nešlo dekódovat žádný obraz. Je soubor stále na místě?</translation>
    </message>
    <message>
        <source>{file}: the picture has an unknown format.</source>
        <translation>{file}: obraz má neznámý formát.</translation>
    </message>
    <message>
        <source>{file} has no picture to export.</source>
        <translation>{file} nemá obraz k exportu.</translation>
    </message>
    <message>
        <source>{file} shows nothing in the stretch that is kept.</source>
        <translation>{file} v ponechaném úseku nic neukazuje.</translation>
    </message>
    <message>
        <source>Nothing is heard in the overlap.</source>
        <translation>V překryvu není nic slyšet.</translation>
    </message>
    <message>
        <source>The two share little more than a second here.</source>
        <translation>Oba tu mají společného sotva víc než sekundu.</translation>
    </message>
    <message>
        <source>Cannot write {file}: {why}.</source>
        <translation>{file} nelze zapsat: {why}.</translation>
    </message>
    <message>
        <source>Cannot write {file} in the folder {folder}: {why}. Nothing was written; choose another folder or free it.</source>
        <translation>{file} nelze zapsat do složky {folder}: {why}. Nic se nezapsalo; zvolte jinou složku, nebo ji uvolněte.</translation>
    </message>
    <message>
        <source>Cannot write {file}: {why}. Nothing was left behind; the take itself is untouched.</source>
        <translation>{file} nelze zapsat: {why}. Nic nezůstalo; samotný záběr je nedotčen.</translation>
    </message>
    <message>
        <source>Cannot make the folder {file}: {why}.</source>
        <translation>Složku {file} nelze vytvořit: {why}.</translation>
    </message>
    <message>
        <source>{file} could not be read to its end ({why}). Is the card still in? No file was written.</source>
        <translation>{file} nešlo dočíst do konce ({why}). Je karta stále zasunutá? Žádný soubor se nezapsal.</translation>
    </message>
    <message>
        <source>{file} could not be read back to its end ({why}).</source>
        <translation>{file} nešlo zpětně přečíst do konce ({why}).</translation>
    </message>
    <message>
        <source>The sound could not be written ({why}). Is the disk full? Nothing was left behind.</source>
        <translation>Zvuk nešlo zapsat ({why}). Je disk plný? Nic nezůstalo.</translation>
    </message>
    <message>
        <source>The picture of {file} could not be re-encoded ({why}). Nothing was left behind; let its pieces begin at key frames instead.</source>
        <translation>Obraz {file} nešlo znovu zakódovat ({why}). Nic nezůstalo; nechte části začínat na klíčových snímcích.</translation>
    </message>
    <message>
        <source>This machine&apos;s FFmpeg cannot write {codec}.</source>
        <translation>FFmpeg v tomto počítači neumí zapsat {codec}.</translation>
    </message>
    <message>
        <source>The sound format {codec} does not take {hertz} Hz, {channels} channels.</source>
        <translation>Zvukový formát {codec} nepřijímá {hertz} Hz s počtem kanálů {channels}.</translation>
    </message>
    <message>
        <source>{codec} does not go into this container ({ending}); choose {instead}. Nothing was written.</source>
        <translation>{codec} nepatří do tohoto kontejneru ({ending}); zvolte {instead}. Nic se nezapsalo.</translation>
    </message>
    <message>
        <source>{file} is not a saved shoot. The file was left as it is.</source>
        <translation>{file} není uložené natáčení. Soubor zůstal, jak byl.</translation>
    </message>
    <message>
        <source>{file} is damaged and cannot be understood. The file was left as it is.</source>
        <translation>{file} je poškozený a nelze mu rozumět. Soubor zůstal, jak byl.</translation>
    </message>
    <message>
        <source>{file} was saved by a newer version of this program. Update to open it. The file was left as it is.</source>
        <translation>{file} uložila novější verze tohoto programu. Pro otevření ho aktualizujte. Soubor zůstal, jak byl.</translation>
    </message>
    <message>
        <source>{file} holds steps that were not saved, but cannot be understood. It was left as it is.</source>
        <translation>{file} obsahuje neuložené kroky, kterým ale nelze rozumět. Zůstal, jak byl.</translation>
    </message>
    <message numerus="yes">
        <source>{file} was worked on after it was saved: {steps} steps are not in it. What is handed over is as it was saved; open and save it to have the rest.</source>
        <translation>
            <numerusform>Na {file} se po uložení pracovalo: {steps} krok v něm není. Exportuje se uložený stav; pro zbytek ho otevřete a uložte.</numerusform>
            <numerusform>Na {file} se po uložení pracovalo: {steps} kroky v něm nejsou. Exportuje se uložený stav; pro zbytek ho otevřete a uložte.</numerusform>
            <numerusform>Na {file} se po uložení pracovalo: {steps} kroků v něm není. Exportuje se uložený stav; pro zbytek ho otevřete a uložte.</numerusform>
        </translation>
    </message>
    <message>
        <source>{file} is in the shoot already, as {as}. It was not added again.</source>
        <translation>{file} už v natáčení je, jako {as}. Nebyl přidán znovu.</translation>
    </message>
    <message numerus="yes">
        <source>{files} files in the folder are neither video nor sound and were left out: {names}</source>
        <translation>
            <numerusform>{files} soubor ve složce není video ani zvuk a byl vynechán: {names}</numerusform>
            <numerusform>{files} soubory ve složce nejsou video ani zvuk a byly vynechány: {names}</numerusform>
            <numerusform>{files} souborů ve složce není video ani zvuk a bylo vynecháno: {names}</numerusform>
        </translation>
    </message>
    <message>
        <source>Steps cannot be written down in {file}. Save the shoot yourself until there is room again.</source>
        <translation>Kroky nelze zaznamenat do {file}. Ukládejte natáčení sami, dokud zase nebude místo.</translation>
    </message>
    <message>
        <source>{file} is not exported: the recording it is tethered to cannot be read.</source>
        <translation>{file} se neexportuje: nahrávku, se kterou je svázán, nelze přečíst.</translation>
    </message>
    <message>
        <source>{file}: {problem}</source>
        <translation>{file}: {problem}</translation>
    </message>
    <message>
        <source>{file} holds {streams} streams; at most 128 are read. It was left alone.</source>
        <translation>{file} obsahuje proudy ({streams}); čte se nejvýš 128. Zůstal nedotčen.</translation>
    </message>
    <message>
        <source>{file} cannot be read: {why} It was left alone.</source>
        <translation>{file} nelze přečíst: {why} Zůstal nedotčen.</translation>
    </message>
    <message>
        <source>A sound claims {hertz} samples a second; 4,000 to 768,000 are read.</source>
        <translation>Zvuk udává {hertz} vzorků za sekundu; čte se 4000 až 768 000.</translation>
    </message>
    <message>
        <source>A sound claims {channels} channels; 1 to 64 are read.</source>
        <translation>Zvuk udává {channels} kanálů; čte se 1 až 64.</translation>
    </message>
    <message>
        <source>Its time stamps claim {seconds:clock1} of silence that is not to be believed; the sound goes on without it.</source>
        <translation>Časové značky tvrdí {seconds:clock1} ticha, kterému nelze věřit; zvuk pokračuje bez něj.</translation>
    </message>
    <message numerus="yes">
        <source>{samples:grouped} samples are no numbers and were silenced.</source>
        <translation>
            <numerusform>{samples:grouped} vzorek není číslo a byl umlčen.</numerusform>
            <numerusform>{samples:grouped} vzorky nejsou čísla a byly umlčeny.</numerusform>
            <numerusform>{samples:grouped} vzorků nejsou čísla a bylo umlčeno.</numerusform>
        </translation>
    </message>
    <message>
        <source>Its sound changes rate or channels at {at:clock1}; what follows was left out.</source>
        <translation>Zvuk v čase {at:clock1} mění frekvenci nebo kanály; co následuje, bylo vynecháno.</translation>
    </message>
    <message>
        <source>There was not enough memory. Nothing was lost; close other programs and try again.</source>
        <translation>Nestačila paměť. Nic se neztratilo; zavřete jiné programy a zkuste to znovu.</translation>
    </message>
    <message>
        <source>There was not enough memory for {file}. It was left alone; close other programs and try again.</source>
        <translation>Na {file} nestačila paměť. Zůstal nedotčen; zavřete jiné programy a zkuste to znovu.</translation>
    </message>
    <message>
        <source>Something went wrong that nobody thought of ({why}). Nothing was lost; please report it.</source>
        <translation>Pokazilo se něco, na co nikdo nemyslel ({why}). Nic se neztratilo; nahlaste to prosím.</translation>
    </message>
    <message>
        <source>Something went wrong with {file} that nobody thought of ({why}). It was left alone; please report it.</source>
        <translation>S {file} se pokazilo něco, na co nikdo nemyslel ({why}). Zůstal nedotčen; nahlaste to prosím.</translation>
    </message>
    <message>
        <source>{file} is no JSON report.</source>
        <translation>{file} není zpráva JSON.</translation>
    </message>
    <message>
        <source>{file} does not speak of {written}.</source>
        <translation>{file} nemluví o {written}.</translation>
    </message>
    <message>
        <source>{file} does not hold what is needed; write it anew with this version.</source>
        <translation>{file} neobsahuje, co je potřeba; zapište ji znovu touto verzí.</translation>
    </message>
    <message>
        <source>The scene cannot be understood: {why}</source>
        <translation>Scéně nelze rozumět: {why}</translation>
    </message>
    <message>
        <source>There is no scene named {file} and no such file.</source>
        <translation>Scéna jménem {file} ani takový soubor neexistuje.</translation>
    </message>
    <message>
        <source>The speech synthesiser said nothing with the voice {voice}; install the package espeak-ng.</source>
        <translation>Hlasový syntezátor s hlasem {voice} nic neřekl; nainstalujte balíček espeak-ng.</translation>
    </message>
    <message>
        <source>“{text}” is no time. Type 0:19:27.483, or a change such as +3 ms, −12 frames, +40 samples.</source>
        <translation>„{text}“ není čas. Napište 0:19:27,483, nebo změnu jako +3 ms, −12 frames, +40 samples.</translation>
    </message>
    <message>
        <source>{text}</source>
        <translation>{text}</translation>
    </message>
    <message>
        <source>Placed with both starts together; nothing was measured. Listen to it.</source>
        <translation>Umístěno s oběma začátky k sobě; nic se neměřilo. Poslechněte si to.</translation>
    </message>
    <message>
        <source>Placed with both ends together; nothing was measured. Listen to it.</source>
        <translation>Umístěno s oběma konci k sobě; nic se neměřilo. Poslechněte si to.</translation>
    </message>
    <message>
        <source>Searched by what is kept of it alone, {from:clock1} to {to:clock1}.</source>
        <translation>Hledáno jen podle toho, co z něj zůstává, {from:clock1} až {to:clock1}.</translation>
    </message>
    <message>
        <source>Placed with one clap of each side together; nothing was measured. Listen to it.</source>
        <translation>Umístěno jedním tlesknutím z každé strany k sobě; nic se neměřilo. Poslechněte si to.</translation>
    </message>
    <message>
        <source>Placed as typed; nothing was measured. Listen to it.</source>
        <translation>Umístěno podle zadaného času; nic se neměřilo. Poslechněte si to.</translation>
    </message>
    <message>
        <source>Placed where the playhead was on the recording; nothing was measured. Listen to it.</source>
        <translation>Umístěno tam, kde na nahrávce stála přehrávací hlava; nic se neměřilo. Poslechněte si to.</translation>
    </message>
    <message>
        <source>Placed where it was dropped; nothing was measured. Listen to it.</source>
        <translation>Umístěno tam, kam byl upuštěn; nic se neměřilo. Poslechněte si to.</translation>
    </message>
    <message>
        <source>A recording is on the bench: choose a take.</source>
        <translation>Na stole je nahrávka: vyberte záběr.</translation>
    </message>
    <message>
        <source>Choose a recording in the list first.</source>
        <translation>Nejdřív v seznamu vyberte nahrávku.</translation>
    </message>
    <message>
        <source>Every take is tethered.</source>
        <translation>Každý záběr je svázaný.</translation>
    </message>
    <message>
        <source>There is no clap and no mark on {file}.</source>
        <translation>Na {file} není tlesknutí ani značka.</translation>
    </message>
    <message>
        <source>Choose the recording in the list first, and put the playhead near its clap.</source>
        <translation>Nejdřív v seznamu vyberte nahrávku a postavte přehrávací hlavu k jejímu tlesknutí.</translation>
    </message>
    <message>
        <source>Every tethered take was listened to.</source>
        <translation>Každý svázaný záběr už byl poslechnut.</translation>
    </message>
    <message numerus="yes">
        <source>Lay {count} takes on their recordings</source>
        <translation>
            <numerusform>Položit {count} záběr na jeho nahrávku</numerusform>
            <numerusform>Položit {count} záběry na jejich nahrávky</numerusform>
            <numerusform>Položit {count} záběrů na jejich nahrávky</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; {stretches} stretches quiet</source>
        <translation>
            <numerusform>; {stretches} úsek ztišen</numerusform>
            <numerusform>; {stretches} úseky ztišeny</numerusform>
            <numerusform>; {stretches} úseků ztišeno</numerusform>
        </translation>
    </message>
    <message>
        <source>Make {take} quiet at {at:clock1}</source>
        <translation>Ztišit {take} v {at:clock1}</translation>
    </message>
    <message>
        <source>Let {take} be heard at {at:clock1}</source>
        <translation>Nechat {take} znít v {at:clock1}</translation>
    </message>
    <message>
        <source>{take} as loud as it was at {at:clock1}</source>
        <translation>{take} v {at:clock1} zase tak hlasitě jako předtím</translation>
    </message>
    <message>
        <source>Select a stretch first, with Shift and the mouse, or go to a clap.</source>
        <translation>Nejdřív vyberte úsek klávesou Shift a myší, nebo přejděte k tlesknutí.</translation>
    </message>
    <message>
        <source>Nothing is quiet here.</source>
        <translation>Tady není nic ztišeno.</translation>
    </message>
    <message>
        <source>It has no sound of its own, so that no search can find its place: lay it by the picture in which the hands meet (mark that picture, then &quot;By a clap of each&quot;), by its time stamp, or drag it onto the recording.</source>
        <translation>Nemá vlastní zvuk, takže jeho místo nenajde žádné hledání: položte ho podle obrazu, v němž se ruce setkají (označte ten obraz, pak „Jedním tlesknutím z každého“), podle časového razítka, nebo ho přetáhněte na nahrávku.</translation>
    </message>
    <message>
        <source>timecode in both sounds, {take} and {recording}</source>
        <translation>časový kód v obou zvucích, {take} a {recording}</translation>
    </message>
    <message>
        <source>timecode {take} and timecode in the recording&apos;s sound, {recording}</source>
        <translation>časový kód {take} a časový kód ve zvuku nahrávky, {recording}</translation>
    </message>
    <message>
        <source>Channel {channel} carries timecode, from {timecode} on, {rate:fixed2} a second: it is used as a time stamp, and not heard.</source>
        <translation>Kanál {channel} nese časový kód, od {timecode}, {rate:fixed2} za sekundu: slouží jako časová značka a není slyšet.</translation>
    </message>
    <message>
        <source>There is one channel only.</source>
        <translation>Je jen jeden kanál.</translation>
    </message>
    <message>
        <source>Select a file in the list.</source>
        <translation>Vyberte soubor v seznamu.</translation>
    </message>
    <message>
        <source>{file}, with every clip of these takes on the new files.</source>
        <translation>{file}, s každým klipem těchto záběrů na nových souborech.</translation>
    </message>
    <message numerus="yes">
        <source>{clips} clips are on new files.</source>
        <translation>
            <numerusform>{clips} klip je na novém souboru.</numerusform>
            <numerusform>{clips} klipy jsou na nových souborech.</numerusform>
            <numerusform>{clips} klipů je na nových souborech.</numerusform>
        </translation>
    </message>
    <message>
        <source>{clip} is left as it was: what it uses was not exported.</source>
        <translation>{clip} zůstává, jak byl: co používá, nebylo exportováno.</translation>
    </message>
    <message>
        <source>{clip} is left as it was: it does not say what it uses.</source>
        <translation>{clip} zůstává, jak byl: neříká, co používá.</translation>
    </message>
    <message>
        <source>No clip in it is of these takes.</source>
        <translation>Žádný klip v něm není z těchto záběrů.</translation>
    </message>
    <message>
        <source>That is no OpenTimelineIO timeline. Export one from where you edit, and choose it.</source>
        <translation>To není časová osa OpenTimelineIO. Exportujte ji tam, kde stříháte, a vyberte ji.</translation>
    </message>
    <message>
        <source>Every file with its check value (ASC MHL), to be checked wherever it goes.</source>
        <translation>Každý soubor s kontrolní hodnotou (ASC MHL), ověřitelný kdekoli.</translation>
    </message>
    <message>
        <source>The list of files cannot be read: it is damaged, or no ASC MHL. Nothing was changed.</source>
        <translation>Seznam souborů nelze přečíst: je poškozený, nebo to není ASC MHL. Nic se nezměnilo.</translation>
    </message>
    <message>
        <source>There is no list of files (ASC MHL) in that folder.</source>
        <translation>V té složce není seznam souborů (ASC MHL).</translation>
    </message>
    <message>
        <source>The whole recording on the clock of {camera}: {takes}.</source>
        <translation>Celá nahrávka na hodinách {camera}: {takes}.</translation>
    </message>
    <message>
        <source>{take} begins at {at:clock3}</source>
        <translation>{take} začíná v {at:clock3}</translation>
    </message>
    <message>
        <source>FLAC, 24-bit, 48 kHz.</source>
        <translation>FLAC, 24 bitů, 48 kHz.</translation>
    </message>
    <message>
        <source>Broadcast WAV, 24-bit, 48 kHz.</source>
        <translation>Broadcast WAV, 24 bitů, 48 kHz.</translation>
    </message>
    <message>
        <source>Broadcast WAV, 32-bit float, 48 kHz.</source>
        <translation>Broadcast WAV, 32 bitů s plovoucí čárkou, 48 kHz.</translation>
    </message>
    <message>
        <source>Describe {file}</source>
        <translation>Popsat {file}</translation>
    </message>
    <message numerus="yes">
        <source>Describe {files} files</source>
        <translation>
            <numerusform>Popsat {files} soubor</numerusform>
            <numerusform>Popsat {files} soubory</numerusform>
            <numerusform>Popsat {files} souborů</numerusform>
        </translation>
    </message>
    <message>
        <source>Search {file} by another channel</source>
        <translation>Hledat {file} podle jiného kanálu</translation>
    </message>
    <message numerus="yes">
        <source>Search {files} files by another channel</source>
        <translation>
            <numerusform>Hledat {files} soubor podle jiného kanálu</numerusform>
            <numerusform>Hledat {files} soubory podle jiného kanálu</numerusform>
            <numerusform>Hledat {files} souborů podle jiného kanálu</numerusform>
        </translation>
    </message>
    <message>
        <source> because pieces begin between key frames, and joined ones must be coded alike</source>
        <translation>, protože kusy začínají mezi klíčovými snímky a spojené musí být kódovány stejně</translation>
    </message>
    <message>
        <source>Picture untouched, each piece from the key frame before it on, up to {lead:fixed2} s</source>
        <translation>Obraz nedotčený, každý kus od klíčového snímku před ním, až {lead:fixed2} s</translation>
    </message>
    <message>
        <source>The pieces are not coded alike, so they cannot be joined without a gap. Export them as files of their own.</source>
        <translation>Kusy nejsou kódovány stejně, a tak je nelze spojit bez mezery. Exportujte je jako samostatné soubory.</translation>
    </message>
    <message numerus="yes">
        <source>{pieces} pieces joined without gaps, {length:clock1} in all. </source>
        <translation>
            <numerusform>{pieces} kus, {length:clock1}. </numerusform>
            <numerusform>{pieces} kusy spojené bez mezer, celkem {length:clock1}. </numerusform>
            <numerusform>{pieces} kusů spojených bez mezer, celkem {length:clock1}. </numerusform>
        </translation>
    </message>
    <message>
        <source>{joined}On the picture&apos;s clock: {track}, {channels}, {format}{rest:run}.</source>
        <translation>{joined}Na hodinách obrazu: {track}, {channels}, {format}{rest:run}.</translation>
    </message>
    <message>
        <source>The recording takes a thousandth longer than the take, as sound for 24 pictures a second does beside 23.976: it is pulled to fit.</source>
        <translation>Nahrávka trvá o tisícinu déle než záběr, jako zvuk pro 24 snímků za sekundu vedle 23,976: natáhne se, aby seděla.</translation>
    </message>
    <message>
        <source>The recording is a thousandth shorter than the take, as sound for 23.976 pictures a second is beside 24: it is pulled to fit.</source>
        <translation>Nahrávka je o tisícinu kratší než záběr, jako zvuk pro 23,976 snímku za sekundu vedle 24: natáhne se, aby seděla.</translation>
    </message>
    <message>
        <source>{file} is there already. Nothing is written over: give another name, or move it away.</source>
        <translation>{file} už existuje. Nic se nepřepisuje: zadejte jiný název, nebo jej přesuňte jinam.</translation>
    </message>
    <message>
        <source>The name of {file} is no text (not UTF-8), and a shoot cannot keep it. Rename the file and try again.</source>
        <translation>Název {file} není text (není UTF-8) a natáčení si jej nemůže zapamatovat. Přejmenujte soubor a zkuste to znovu.</translation>
    </message>
    <message>
        <source>{file} holds nothing that is called as a video is: no takes. A file that is named itself is taken as it is.</source>
        <translation>{file} neobsahuje nic, co by se jmenovalo jako video: žádné záběry. Soubor, který je sám uveden, se použije tak, jak je.</translation>
    </message>
    <message>
        <source>{file} holds nothing that is called as a sound is: no recordings. A file that is named itself is taken as it is.</source>
        <translation>{file} neobsahuje nic, co by se jmenovalo jako zvuk: žádné nahrávky. Soubor, který je sám uveden, se použije tak, jak je.</translation>
    </message>
    <message>
        <source>{file} names or holds neither videos nor sounds.</source>
        <translation>{file} neuvádí ani neobsahuje videa ani zvuky.</translation>
    </message>
    <message>
        <source>No place where the two sounds agree: at best {agreement}. Was the recorder running, and in the same room?</source>
        <translation>Žádné místo, kde by oba zvuky souhlasily: nanejvýš {agreement}. Běžel rekordér, a ve stejné místnosti?</translation>
    </message>
    <message>
        <source>{agreement}, but what stands out on either side is not heard on the other: the same programme may have played in two rooms. Was the recorder in the same room? Listen before you trust it.</source>
        <translation>{agreement}, ale co na jedné straně vyniká, na druhé slyšet není: ve dvou místnostech mohl hrát týž pořad. Byl rekordér ve stejné místnosti? Než tomu uvěříte, poslechněte si to.</translation>
    </message>
    <message>
        <source>What is kept of it is shorter than one picture. Keep more of the take.</source>
        <translation>Co se z něj ponechává, je kratší než jeden obraz. Ponechte ze záběru víc.</translation>
    </message>
    <message>
        <source>{file} was written, but cannot be read back, and was thrown away. The take itself is untouched. Try again; if it happens again, on another disk.</source>
        <translation>Soubor {file} byl zapsán, ale nelze ho přečíst zpět, a byl zahozen. Samotný záběr je nedotčen. Zkuste to znovu; stane-li se to znovu, na jiném disku.</translation>
    </message>
    <message>
        <source>The recording lost {seconds:span}, or the take has it twice, at {at:clock1} of the take{doubt}.</source>
        <translation>Nahrávka ztratila {seconds:span}, nebo je záběr má dvakrát, v čase {at:clock1} záběru{doubt}.</translation>
    </message>
    <message>
        <source>The recording repeats {seconds:span}, or the take lost it, at {at:clock1} of the take{doubt}.</source>
        <translation>Nahrávka opakuje {seconds:span}, nebo je záběr ztratil, v čase {at:clock1} záběru{doubt}.</translation>
    </message>
    <message>
        <source>, in a pause: it may be up to {doubt:span} earlier or later</source>
        <translation>, v pauze: může to být až o {doubt:span} dříve nebo později</translation>
    </message>
    <message>
        <source>Whoever speaks comes and goes, up to {metres:length} farther from the camera. The clean sound stays with the picture.</source>
        <translation>Kdo mluví, přichází a odchází, až o {metres:length} dál od kamery. Čistý zvuk zůstává u obrazu.</translation>
    </message>
    <message>
        <source>The way of whoever walks is taken off.</source>
        <translation>Cesta toho, kdo chodí, je odečtena.</translation>
    </message>
    <message>
        <source>{slip:slip}: {metres:length} farther</source>
        <translation>{slip:slip}: o {metres:length} dál</translation>
    </message>
    <message>
        <source>The two devices do not run equally fast all along, as happens while one warms up: the clean sound follows, and would be up to {off:span} off otherwise.</source>
        <translation>Oba přístroje nejdou stále stejně rychle, jak se stává, když se jeden zahřívá: čistý zvuk se přizpůsobí, jinak by byl až o {off:span} mimo.</translation>
    </message>
    <message>
        <source>The search was not sure all the same: listen.</source>
        <translation>Hledání si přesto nebylo jisté: poslechněte si to.</translation>
    </message>
    <message>
        <source>Until {at:clock1} of the take nothing is heard in both: what may have been lost there is not seen.</source>
        <translation>Do {at:clock1} záběru není v obou slyšet nic společného: co se tam ztratilo, není vidět.</translation>
    </message>
    <message>
        <source>From {at:clock1} of the take on nothing is heard in both: what may have been lost there is not seen.</source>
        <translation>Od {at:clock1} záběru není v obou slyšet nic společného: co se tam ztratilo, není vidět.</translation>
    </message>
    <message>
        <source>Other files are still being read and may speak against it.</source>
        <translation>Další soubory se ještě čtou a mohou mluvit proti tomu.</translation>
    </message>
    <message>
        <source>A take and a recording are needed.</source>
        <translation>Je potřeba záběr a nahrávka.</translation>
    </message>
    <message>
        <source>Takes are being matched already; what is read first comes first.</source>
        <translation>Místa se už hledají; co se přečte dřív, přijde dřív na řadu.</translation>
    </message>
    <message>
        <source>Something else is being done. Wait for it, or stop it.</source>
        <translation>Právě se dělá něco jiného. Počkejte na to, nebo to zastavte.</translation>
    </message>
    <message>
        <source>Only what the room makes of the sound is heard here, under something louder: the place is right to about {within_ms:fixed0} ms. Listen, or mark a clap.</source>
        <translation>Slyšet je tu jen to, co ze zvuku dělá místnost, pod něčím hlasitějším: místo je správně asi na {within_ms:fixed0} ms. Poslechněte si to, nebo označte tlesknutí.</translation>
    </message>
    <message>
        <source>{agreement}, but at one end both are loud and nothing agrees: the same music may have been played twice, or somebody was elsewhere. Listen before you trust it.</source>
        <translation>{agreement}, na jednom konci je ale obojí hlasité a nic nesouhlasí: tatáž hudba možná hrála dvakrát, nebo byl někdo jinde. Než tomu uvěříte, poslechněte si to.</translation>
    </message>
    <message>
        <source>Two clocks are rarely so far apart: perhaps the camera was carried away from whoever speaks, or towards them, by {metres:length} a minute. The clean sound is laid as the camera heard it.</source>
        <translation>Dvoje hodiny se málokdy tolik rozcházejí: kamera se možná od mluvčího vzdalovala, nebo se k němu blížila, o {metres:length} za minutu. Čistý zvuk leží tak, jak ho slyšela kamera.</translation>
    </message>
</context>
<context>
    <name>brisk::app</name>
    <message>
        <source>Add files</source>
        <translation>Přidat soubory</translation>
    </message>
    <message>
        <source>Add takes and recordings</source>
        <translation>Přidat záběry a nahrávky</translation>
    </message>
    <message>
        <source>add files</source>
        <translation>přidat soubory</translation>
    </message>
    <message>
        <source>Find matches</source>
        <translation>Najít místa</translation>
    </message>
    <message>
        <source>Find the place of every take on the recordings</source>
        <translation>Najít místo každého záběru na nahrávkách</translation>
    </message>
    <message>
        <source>find matches</source>
        <translation>najít místa</translation>
    </message>
    <message>
        <source>next unsure</source>
        <translation>další nejistý</translation>
    </message>
    <message>
        <source>Go to the next take to listen to</source>
        <translation>Na další záběr k poslechu</translation>
    </message>
    <message>
        <source>the next take to listen to</source>
        <translation>další záběr k poslechu</translation>
    </message>
    <message>
        <source>Tether all found</source>
        <translation>Svázat vše nalezené</translation>
    </message>
    <message>
        <source>Tether every found take in the list, or those selected</source>
        <translation>Svázat všechny nalezené záběry v seznamu, nebo vybrané</translation>
    </message>
    <message>
        <source>tether all found</source>
        <translation>svázat vše nalezené</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Zpět</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>zpět</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Znovu</translation>
    </message>
    <message>
        <source>redo</source>
        <translation>znovu</translation>
    </message>
    <message>
        <source>History</source>
        <translation>Historie</translation>
    </message>
    <message>
        <source>What was done, to go back to; moments with a name</source>
        <translation>Co bylo uděláno, s návratem; pojmenované okamžiky</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nové</translation>
    </message>
    <message>
        <source>Begin a new shoot</source>
        <translation>Začít nové natáčení</translation>
    </message>
    <message>
        <source>begin a new shoot</source>
        <translation>začít nové natáčení</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Otevřít</translation>
    </message>
    <message>
        <source>Open a saved shoot</source>
        <translation>Otevřít uložené natáčení</translation>
    </message>
    <message>
        <source>open a shoot</source>
        <translation>otevřít natáčení</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Uložit</translation>
    </message>
    <message>
        <source>Save the shoot</source>
        <translation>Uložit natáčení</translation>
    </message>
    <message>
        <source>save it</source>
        <translation>uložit</translation>
    </message>
    <message>
        <source>Save under another name…</source>
        <translation>Uložit pod jiným názvem…</translation>
    </message>
    <message>
        <source>Save the shoot under another name, and go on with that</source>
        <translation>Uložit natáčení pod jiným názvem a pokračovat v něm</translation>
    </message>
    <message>
        <source>save it under another name</source>
        <translation>uložit pod jiným názvem</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Export…</translation>
    </message>
    <message>
        <source>Write videos, sound, timelines and reports</source>
        <translation>Zapsat videa, zvuk, časové osy a zprávy</translation>
    </message>
    <message>
        <source>export</source>
        <translation>exportovat</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Zastavit</translation>
    </message>
    <message>
        <source>Stop what is running</source>
        <translation>Zastavit, co běží</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Klávesy</translation>
    </message>
    <message>
        <source>Every key of this window, on one page</source>
        <translation>Všechny klávesy tohoto okna na jedné stránce</translation>
    </message>
    <message>
        <source>this page</source>
        <translation>tato stránka</translation>
    </message>
    <message>
        <source>Find a take</source>
        <translation>Najít záběr</translation>
    </message>
    <message>
        <source>Find a take by a part of its name</source>
        <translation>Najít záběr podle části názvu</translation>
    </message>
    <message>
        <source>find a take by its name</source>
        <translation>najít záběr podle názvu</translation>
    </message>
    <message>
        <source>Guide</source>
        <translation>Průvodce</translation>
    </message>
    <message>
        <source>How a day&apos;s work goes, on one page</source>
        <translation>Jak probíhá den práce, na jedné stránce</translation>
    </message>
    <message>
        <source>the guide</source>
        <translation>průvodce</translation>
    </message>
    <message>
        <source>Preferences…</source>
        <translation>Předvolby…</translation>
    </message>
    <message>
        <source>Theme, size of text, units, folders, sound device</source>
        <translation>Vzhled, velikost písma, jednotky, složky, zvukové zařízení</translation>
    </message>
    <message>
        <source>preferences</source>
        <translation>předvolby</translation>
    </message>
    <message>
        <source>Try it with the demo shoot</source>
        <translation>Vyzkoušet na ukázce</translation>
    </message>
    <message>
        <source>A day at a bookbinder&apos;s workshop, made up on this computer</source>
        <translation>Den v knihařské dílně, vymyšlený na tomto počítači</translation>
    </message>
    <message>
        <source>About Brisk Tether</source>
        <translation>O Brisk Tether</translation>
    </message>
    <message>
        <source>Version and licence</source>
        <translation>Verze a licence</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Ukončit</translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation>Zavřít okno</translation>
    </message>
    <message>
        <source>close the window</source>
        <translation>zavřít okno</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Přehrát</translation>
    </message>
    <message>
        <source>Play or stop</source>
        <translation>Přehrát nebo zastavit</translation>
    </message>
    <message>
        <source>play, pause</source>
        <translation>přehrát, zastavit</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>kamera</translation>
    </message>
    <message>
        <source>Only the camera&apos;s sound</source>
        <translation>Jen zvuk kamery</translation>
    </message>
    <message>
        <source>camera, clean, both</source>
        <translation>kamera, čistý, oba</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>čistý</translation>
    </message>
    <message>
        <source>Only the clean sound</source>
        <translation>Jen čistý zvuk</translation>
    </message>
    <message>
        <source>both</source>
        <translation>oba</translation>
    </message>
    <message>
        <source>Both at the same loudness: an echo means they are apart</source>
        <translation>Oba stejně hlasitě: ozvěna znamená, že jsou od sebe</translation>
    </message>
    <message>
        <source>one in each ear</source>
        <translation>každý v jednom uchu</translation>
    </message>
    <message>
        <source>Camera in the left ear, clean in the right</source>
        <translation>Kamera v levém uchu, čistý zvuk v pravém</translation>
    </message>
    <message>
        <source>one in each ear, in turns</source>
        <translation>každý v jednom uchu, střídavě</translation>
    </message>
    <message>
        <source>in turns</source>
        <translation>střídavě</translation>
    </message>
    <message>
        <source>One after the other, changing every half second</source>
        <translation>Jeden po druhém, každé půl vteřiny se vymění</translation>
    </message>
    <message>
        <source>½×</source>
        <translation>½×</translation>
    </message>
    <message>
        <source>Half as fast; the pitch stays</source>
        <translation>Poloviční rychlostí; výška tónu zůstává</translation>
    </message>
    <message>
        <source>half speed, as it is, double</source>
        <translation>poloviční rychlost, normální, dvojnásobná</translation>
    </message>
    <message>
        <source>1×</source>
        <translation>1×</translation>
    </message>
    <message>
        <source>As fast as it was</source>
        <translation>Tak rychle, jak to bylo</translation>
    </message>
    <message>
        <source>2×</source>
        <translation>2×</translation>
    </message>
    <message>
        <source>Twice as fast; the pitch stays</source>
        <translation>Dvojnásobnou rychlostí; výška tónu zůstává</translation>
    </message>
    <message>
        <source>Shuttle back</source>
        <translation>Rychle zpět</translation>
    </message>
    <message>
        <source>Faster and faster backwards</source>
        <translation>Stále rychleji zpět</translation>
    </message>
    <message>
        <source>shuttle back, shuttle on</source>
        <translation>rychle zpět, rychle vpřed</translation>
    </message>
    <message>
        <source>Shuttle on</source>
        <translation>Rychle vpřed</translation>
    </message>
    <message>
        <source>Faster and faster onwards</source>
        <translation>Stále rychleji vpřed</translation>
    </message>
    <message>
        <source>loop</source>
        <translation>smyčka</translation>
    </message>
    <message>
        <source>Round and round the selected stretch, or a second either side of the playhead. Shift-drag on the camera&apos;s sound selects.</source>
        <translation>Stále dokola vybraný úsek, nebo vteřinu kolem přehrávací hlavy. Tažení se Shiftem po zvuku kamery vybírá.</translation>
    </message>
    <message>
        <source>same loudness</source>
        <translation>stejná hlasitost</translation>
    </message>
    <message>
        <source>Both at the same loudness, or as they are in their files</source>
        <translation>Oba stejně hlasitě, nebo jak jsou v souborech</translation>
    </message>
    <message>
        <source>both at the same loudness</source>
        <translation>oba stejně hlasitě</translation>
    </message>
    <message>
        <source>◂</source>
        <translation>◂</translation>
    </message>
    <message>
        <source>One picture frame back</source>
        <translation>O snímek zpět</translation>
    </message>
    <message>
        <source>one picture frame back, on</source>
        <translation>o snímek zpět, dál</translation>
    </message>
    <message>
        <source>▸</source>
        <translation>▸</translation>
    </message>
    <message>
        <source>One picture frame on</source>
        <translation>O snímek dál</translation>
    </message>
    <message>
        <source>Whole take</source>
        <translation>Celý záběr</translation>
    </message>
    <message>
        <source>Show all of the take</source>
        <translation>Ukázat celý záběr</translation>
    </message>
    <message>
        <source>the whole take</source>
        <translation>celý záběr</translation>
    </message>
    <message>
        <source>Overlap</source>
        <translation>Překryv</translation>
    </message>
    <message>
        <source>Show what has clean sound</source>
        <translation>Ukázat, co má čistý zvuk</translation>
    </message>
    <message>
        <source>what has clean sound</source>
        <translation>co má čistý zvuk</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Značky</translation>
    </message>
    <message>
        <source>Show all marks</source>
        <translation>Ukázat všechny značky</translation>
    </message>
    <message>
        <source>all marks</source>
        <translation>všechny značky</translation>
    </message>
    <message>
        <source>Claps</source>
        <translation>Tlesknutí</translation>
    </message>
    <message>
        <source>Show the pair of claps nearest to the playhead</source>
        <translation>Ukázat dvojici tlesknutí nejblíž přehrávací hlavě</translation>
    </message>
    <message>
        <source>the nearest pair of claps</source>
        <translation>nejbližší dvojice tlesknutí</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Zblízka</translation>
    </message>
    <message>
        <source>Show 0.4 s around the playhead</source>
        <translation>Ukázat 0,4 s kolem přehrávací hlavy</translation>
    </message>
    <message>
        <source>close up, at the playhead</source>
        <translation>zblízka, u přehrávací hlavy</translation>
    </message>
    <message>
        <source>Samples</source>
        <translation>Vzorky</translation>
    </message>
    <message>
        <source>Show single samples at the playhead</source>
        <translation>Ukázat jednotlivé vzorky u přehrávací hlavy</translation>
    </message>
    <message>
        <source>single samples there</source>
        <translation>jednotlivé vzorky tam</translation>
    </message>
    <message>
        <source>large</source>
        <translation>velký</translation>
    </message>
    <message>
        <source>The seam gets the whole bench; once more gives it back</source>
        <translation>Šev dostane celý stůl; podruhé ho vrátí</translation>
    </message>
    <message>
        <source>the seam on the whole bench</source>
        <translation>šev přes celý stůl</translation>
    </message>
    <message>
        <source>Large picture</source>
        <translation>Velký obraz</translation>
    </message>
    <message>
        <source>The picture gets the whole bench; once more gives it back</source>
        <translation>Obraz dostane celý stůl; podruhé ho vrátí</translation>
    </message>
    <message>
        <source>the picture on the whole bench</source>
        <translation>obraz přes celý stůl</translation>
    </message>
    <message>
        <source>equal heights</source>
        <translation>stejné výšky</translation>
    </message>
    <message>
        <source>What is in view fills its room on both sides</source>
        <translation>Co je vidět, vyplní na obou stranách svůj prostor</translation>
    </message>
    <message>
        <source>shared sound</source>
        <translation>společný zvuk</translation>
    </message>
    <message>
        <source>Show only what both sounds have in common: what begins when, without echo and noise</source>
        <translation>Ukázat jen to, co mají oba zvuky společné: co kdy začíná, bez ozvěny a šumu</translation>
    </message>
    <message>
        <source>only what both have in common</source>
        <translation>jen co mají oba společné</translation>
    </message>
    <message>
        <source>Clean sound one frame earlier</source>
        <translation>Čistý zvuk o snímek dříve</translation>
    </message>
    <message>
        <source>one frame earlier, later</source>
        <translation>o snímek dříve, později</translation>
    </message>
    <message>
        <source>Clean sound one frame later</source>
        <translation>Čistý zvuk o snímek později</translation>
    </message>
    <message>
        <source>Clean sound one millisecond earlier</source>
        <translation>Čistý zvuk o milisekundu dříve</translation>
    </message>
    <message>
        <source>one millisecond</source>
        <translation>o milisekundu</translation>
    </message>
    <message>
        <source>Clean sound one millisecond later</source>
        <translation>Čistý zvuk o milisekundu později</translation>
    </message>
    <message>
        <source>Clean sound one sample earlier</source>
        <translation>Čistý zvuk o vzorek dříve</translation>
    </message>
    <message>
        <source>one sample</source>
        <translation>o vzorek</translation>
    </message>
    <message>
        <source>Clean sound one sample later</source>
        <translation>Čistý zvuk o vzorek později</translation>
    </message>
    <message>
        <source>Clean sound one step of your own earlier</source>
        <translation>Čistý zvuk o vlastní krok dříve</translation>
    </message>
    <message>
        <source>a step of your own</source>
        <translation>o vlastní krok</translation>
    </message>
    <message>
        <source>Clean sound one step of your own later</source>
        <translation>Čistý zvuk o vlastní krok později</translation>
    </message>
    <message>
        <source>Search again</source>
        <translation>Hledat znovu</translation>
    </message>
    <message>
        <source>Search once more, narrowed down: this stretch, near here, by claps, by another channel</source>
        <translation>Hledat znovu, úžeji: tento úsek, poblíž, podle tlesknutí, podle jiného kanálu</translation>
    </message>
    <message>
        <source>search again, narrowed down</source>
        <translation>hledat znovu, úžeji</translation>
    </message>
    <message>
        <source>Next place</source>
        <translation>Další místo</translation>
    </message>
    <message>
        <source>Try the place that came closest after this one</source>
        <translation>Zkusit místo, které se tomuto nejvíc blížilo</translation>
    </message>
    <message>
        <source>try the next place</source>
        <translation>zkusit další místo</translation>
    </message>
    <message>
        <source>Back to the found place</source>
        <translation>Zpět na nalezené místo</translation>
    </message>
    <message>
        <source>Undo the movement by hand</source>
        <translation>Vrátit ruční posun</translation>
    </message>
    <message>
        <source>back to the found place</source>
        <translation>zpět na nalezené místo</translation>
    </message>
    <message>
        <source>Hands meet here</source>
        <translation>Ruce se setkají tady</translation>
    </message>
    <message>
        <source>The picture at the playhead shows the hands meeting: measure the distance by the clap</source>
        <translation>Obraz u přehrávací hlavy ukazuje setkání rukou: změřit vzdálenost podle tlesknutí</translation>
    </message>
    <message>
        <source>the hands meet in this picture</source>
        <translation>ruce se setkají na tomto snímku</translation>
    </message>
    <message>
        <source>Tether</source>
        <translation>Svázat</translation>
    </message>
    <message>
        <source>Lock picture and clean sound together</source>
        <translation>Pevně spojit obraz a čistý zvuk</translation>
    </message>
    <message>
        <source>tether; untether</source>
        <translation>svázat; rozvázat</translation>
    </message>
    <message>
        <source>Untether</source>
        <translation>Rozvázat</translation>
    </message>
    <message>
        <source>Unlock them, to change the place; the tether is remembered</source>
        <translation>Uvolnit, aby šlo změnit místo; vazba se pamatuje</translation>
    </message>
    <message>
        <source>Back to the tether</source>
        <translation>Zpět k vazbě</translation>
    </message>
    <message>
        <source>Where it was when it was tethered, to the sample</source>
        <translation>Tam, kde byl při svázání, na vzorek přesně</translation>
    </message>
    <message>
        <source>back to the tether</source>
        <translation>zpět k vazbě</translation>
    </message>
    <message>
        <source>Place it by hand</source>
        <translation>Umístit ručně</translation>
    </message>
    <message>
        <source>Lay the take on a recording and move it there</source>
        <translation>Položit záběr na nahrávku a tam ho posouvat</translation>
    </message>
    <message>
        <source>Copy figures</source>
        <translation>Kopírovat údaje</translation>
    </message>
    <message>
        <source>All that the card says, as text</source>
        <translation>Vše, co říká karta, jako text</translation>
    </message>
    <message>
        <source>copy what the card says</source>
        <translation>kopírovat, co říká karta</translation>
    </message>
    <message>
        <source>Mark the camera&apos;s sound</source>
        <translation>Označit zvuk kamery</translation>
    </message>
    <message>
        <source>Put a mark on the camera&apos;s sound; it settles on the nearest onset</source>
        <translation>Dát značku na zvuk kamery; usadí se na nejbližším začátku</translation>
    </message>
    <message>
        <source>mark the camera&apos;s sound</source>
        <translation>označit zvuk kamery</translation>
    </message>
    <message>
        <source>Mark the clean sound</source>
        <translation>Označit čistý zvuk</translation>
    </message>
    <message>
        <source>Put a mark on the clean sound; it settles on the nearest onset</source>
        <translation>Dát značku na čistý zvuk; usadí se na nejbližším začátku</translation>
    </message>
    <message>
        <source>mark the clean sound</source>
        <translation>označit čistý zvuk</translation>
    </message>
    <message>
        <source>Mark the camera&apos;s sound exactly here</source>
        <translation>Označit zvuk kamery přesně tady</translation>
    </message>
    <message>
        <source>Put a mark on the camera&apos;s sound, at the playhead</source>
        <translation>Dát značku na zvuk kamery, u přehrávací hlavy</translation>
    </message>
    <message>
        <source>the same, exactly there</source>
        <translation>totéž, přesně tam</translation>
    </message>
    <message>
        <source>Mark the clean sound exactly here</source>
        <translation>Označit čistý zvuk přesně tady</translation>
    </message>
    <message>
        <source>Put a mark on the clean sound, at the playhead</source>
        <translation>Dát značku na čistý zvuk, u přehrávací hlavy</translation>
    </message>
    <message>
        <source>Put the claps together</source>
        <translation>Spojit tlesknutí</translation>
    </message>
    <message>
        <source>Lay the claps found in both sounds upon each other. With marks of your own those count instead.</source>
        <translation>Položit na sebe tlesknutí obou zvuků. Jsou-li vlastní značky, platí ty.</translation>
    </message>
    <message>
        <source>put marks or claps together</source>
        <translation>spojit značky nebo tlesknutí</translation>
    </message>
    <message>
        <source>1 place</source>
        <translation>1 místo</translation>
    </message>
    <message>
        <source>Where does it fall?</source>
        <translation>Kam padne?</translation>
    </message>
    <message>
        <source>the steps: place, check, sound, trim</source>
        <translation>kroky: místo, kontrola, zvuk, zkrácení</translation>
    </message>
    <message>
        <source>2 check</source>
        <translation>2 kontrola</translation>
    </message>
    <message>
        <source>Is it right, to the end?</source>
        <translation>Sedí to, až do konce?</translation>
    </message>
    <message>
        <source>3 sound</source>
        <translation>3 zvuk</translation>
    </message>
    <message>
        <source>What shall it sound like?</source>
        <translation>Jak to má znít?</translation>
    </message>
    <message>
        <source>4 trim</source>
        <translation>4 zkrácení</translation>
    </message>
    <message>
        <source>What is kept?</source>
        <translation>Co zůstane?</translation>
    </message>
    <message>
        <source>Cut at the playhead</source>
        <translation>Střihnout u přehrávací hlavy</translation>
    </message>
    <message>
        <source>cut at the playhead</source>
        <translation>střihnout u přehrávací hlavy</translation>
    </message>
    <message>
        <source>Drop the piece at the playhead</source>
        <translation>Vynechat část u přehrávací hlavy</translation>
    </message>
    <message>
        <source>drop the piece there</source>
        <translation>vynechat tamní část</translation>
    </message>
    <message>
        <source>Bring back what was dropped here</source>
        <translation>Vrátit, co tu bylo vynecháno</translation>
    </message>
    <message>
        <source>bring it back</source>
        <translation>vrátit ji</translation>
    </message>
    <message>
        <source>Trim away what is before the playhead</source>
        <translation>Odříznout, co je před přehrávací hlavou</translation>
    </message>
    <message>
        <source>trim what is before, after</source>
        <translation>odříznout, co je před, za</translation>
    </message>
    <message>
        <source>Trim away what is after the playhead</source>
        <translation>Odříznout, co je za přehrávací hlavou</translation>
    </message>
    <message>
        <source>Keep the selection only</source>
        <translation>Ponechat jen výběr</translation>
    </message>
    <message>
        <source>Keep the shared part</source>
        <translation>Ponechat společnou část</translation>
    </message>
    <message>
        <source>Keep the whole take again</source>
        <translation>Ponechat zase celý záběr</translation>
    </message>
    <message>
        <source>Cuts settle on pauses and onsets</source>
        <translation>Střihy se usazují na pauzách a začátcích</translation>
    </message>
    <message>
        <source>Name their camera…</source>
        <translation>Pojmenovat jejich kameru…</translation>
    </message>
    <message>
        <source>Say which camera the selected takes are from</source>
        <translation>Říct, ze které kamery jsou vybrané záběry</translation>
    </message>
    <message>
        <source>Treat as one take</source>
        <translation>Brát jako jeden záběr</translation>
    </message>
    <message>
        <source>The camera split one take into these files: one line for all of them</source>
        <translation>Kamera rozdělila jeden záběr do těchto souborů: jedna přímka pro všechny</translation>
    </message>
    <message>
        <source>Treat as a take of its own</source>
        <translation>Brát jako samostatný záběr</translation>
    </message>
    <message>
        <source>Let this file go its own way again</source>
        <translation>Nechat tento soubor jít zase vlastní cestou</translation>
    </message>
    <message>
        <source>Only its sound is wanted</source>
        <translation>Chci jen jeho zvuk</translation>
    </message>
    <message>
        <source>Use the video as a recording</source>
        <translation>Použít video jako nahrávku</translation>
    </message>
    <message>
        <source>It is a take after all</source>
        <translation>Přece je to záběr</translation>
    </message>
    <message>
        <source>Use the recording&apos;s video as a take</source>
        <translation>Použít video nahrávky jako záběr</translation>
    </message>
    <message>
        <source>Swap for a repaired copy…</source>
        <translation>Vyměnit za opravenou kopii…</translation>
    </message>
    <message>
        <source>Put another file in this recording&apos;s place; takes stay where they are</source>
        <translation>Dát na místo této nahrávky jiný soubor; záběry zůstanou, kde jsou</translation>
    </message>
    <message>
        <source>Look again</source>
        <translation>Přečíst znovu</translation>
    </message>
    <message>
        <source>Read what could not be read: the card is in again, or the copy is there</source>
        <translation>Přečíst, co přečíst nešlo: karta je zase zasunutá, nebo je tu kopie</translation>
    </message>
    <message>
        <source>Remove from the shoot</source>
        <translation>Odebrat z natáčení</translation>
    </message>
    <message>
        <source>The files themselves stay where they are</source>
        <translation>Samotné soubory zůstanou, kde jsou</translation>
    </message>
    <message>
        <source>Choose the folder…</source>
        <translation>Zvolit složku…</translation>
    </message>
    <message>
        <source>Where the files are written</source>
        <translation>Kam se soubory zapíší</translation>
    </message>
    <message>
        <source>Write</source>
        <translation>Zapsat</translation>
    </message>
    <message>
        <source>Write the files of the list</source>
        <translation>Zapsat soubory ze seznamu</translation>
    </message>
    <message>
        <source>Stop writing</source>
        <translation>Zastavit zápis</translation>
    </message>
    <message>
        <source>What is whole stays; nothing half-written is left</source>
        <translation>Co je celé, zůstane; nic napůl zapsaného nezbude</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Zkusit znovu</translation>
    </message>
    <message>
        <source>What failed or was stopped, once more</source>
        <translation>Co selhalo nebo bylo zastaveno, ještě jednou</translation>
    </message>
    <message>
        <source>Leave what failed as it is, and choose anew what is written</source>
        <translation>Nechat, co selhalo, a zvolit znovu, co se zapíše</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Otevřít složku</translation>
    </message>
    <message>
        <source>Where the files are</source>
        <translation>Kde soubory jsou</translation>
    </message>
    <message>
        <source>Open the report</source>
        <translation>Otevřít zprávu</translation>
    </message>
    <message>
        <source>The page with pictures</source>
        <translation>Stránka s obrázky</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zpět</translation>
    </message>
    <message>
        <source>Back to the take; what is being written goes on</source>
        <translation>Zpět k záběru; zápis pokračuje</translation>
    </message>
    <message>
        <source>By the time stamps</source>
        <translation>Podle časových značek</translation>
    </message>
    <message>
        <source>Lay the take where the time stamps of the two files have it</source>
        <translation>Položit záběr tam, kde ho mají časové značky obou souborů</translation>
    </message>
    <message>
        <source>Both starts together</source>
        <translation>Oba začátky k sobě</translation>
    </message>
    <message>
        <source>Lay the take so that it begins with the recording</source>
        <translation>Položit záběr tak, aby začínal s nahrávkou</translation>
    </message>
    <message>
        <source>Both ends together</source>
        <translation>Oba konce k sobě</translation>
    </message>
    <message>
        <source>Lay the take so that it ends with the recording</source>
        <translation>Položit záběr tak, aby končil s nahrávkou</translation>
    </message>
    <message>
        <source>next not heard</source>
        <translation>další neposlechnutý</translation>
    </message>
    <message>
        <source>Go to the next take that nobody listened to where it lies</source>
        <translation>Na další záběr, který tam, kde leží, nikdo neposlouchal</translation>
    </message>
    <message>
        <source>the next take that nobody listened to</source>
        <translation>další záběr, který nikdo neposlouchal</translation>
    </message>
    <message>
        <source>By a clap of each</source>
        <translation>Jedním tlesknutím z každého</translation>
    </message>
    <message>
        <source>Put the clap or mark nearest to the playhead upon that of the recording nearest to where its playhead was left</source>
        <translation>Tlesknutí nebo značku u přehrávací hlavy položit na to v nahrávce, u kterého její přehrávací hlava zůstala</translation>
    </message>
    <message>
        <source>Lay it there</source>
        <translation>Položit tam</translation>
    </message>
    <message>
        <source>Lay the take so that it begins at the typed time of the recording</source>
        <translation>Položit záběr tak, aby začínal v zadaném čase nahrávky</translation>
    </message>
    <message>
        <source>Lay a take here</source>
        <translation>Položit sem záběr</translation>
    </message>
    <message>
        <source>A take that begins at the playhead of this recording</source>
        <translation>Záběr, který začíná u přehrávací hlavy této nahrávky</translation>
    </message>
    <message>
        <source>Lay a take by its clap</source>
        <translation>Položit záběr podle tlesknutí</translation>
    </message>
    <message>
        <source>A take whose clap or mark, nearest to where its playhead was left, falls on the one here nearest to the playhead</source>
        <translation>Záběr, jehož tlesknutí nebo značka u jeho poslední přehrávací hlavy padne na to zdejší u přehrávací hlavy</translation>
    </message>
    <message>
        <source>Silence the clean sound here</source>
        <translation>Ztišit tu čistý zvuk</translation>
    </message>
    <message>
        <source>Silence the selected stretch of the clean sound, or the clap at the playhead, with soft edges</source>
        <translation>Umlčet vybraný úsek čistého zvuku nebo tlesknutí u přehrávací hlavy, s měkkými okraji</translation>
    </message>
    <message>
        <source>silence a stretch; let it be heard</source>
        <translation>umlčet úsek; nechat ho znít</translation>
    </message>
    <message>
        <source>…the camera&apos;s</source>
        <translation>…zvuk kamery</translation>
    </message>
    <message>
        <source>Silence the selected stretch of the camera&apos;s sound, or the clap at the playhead</source>
        <translation>Umlčet vybraný úsek zvuku kamery nebo tlesknutí u přehrávací hlavy</translation>
    </message>
    <message>
        <source>…both</source>
        <translation>…obojí</translation>
    </message>
    <message>
        <source>Silence the selected stretch of both sounds, or the clap at the playhead</source>
        <translation>Umlčet vybraný úsek obou zvuků nebo tlesknutí u přehrávací hlavy</translation>
    </message>
    <message>
        <source>Let it be heard</source>
        <translation>Nechat znít</translation>
    </message>
    <message>
        <source>What is quiet at the playhead or in the selection is heard again, a clap although others are silenced</source>
        <translation>Co je u přehrávací hlavy nebo ve výběru ztišeno, zase zní; tlesknutí i když jsou ostatní umlčena</translation>
    </message>
    <message>
        <source>Skip what was cut</source>
        <translation>Přeskočit vystřižené</translation>
    </message>
    <message>
        <source>Playing leaves out what is not kept, as the pieces joined would sound</source>
        <translation>Přehrávání vynechá, co se nenechává, jak by zněly spojené kusy</translation>
    </message>
    <message>
        <source>playing skips what was cut</source>
        <translation>přehrávání přeskočí vystřižené</translation>
    </message>
    <message>
        <source>Other camera beside</source>
        <translation>Druhá kamera vedle</translation>
    </message>
    <message>
        <source>Another camera&apos;s picture at the same moment, beside this one</source>
        <translation>Obraz jiné kamery ve stejném okamžiku, vedle tohoto</translation>
    </message>
    <message>
        <source>the other camera&apos;s picture beside</source>
        <translation>obraz druhé kamery vedle</translation>
    </message>
    <message>
        <source>Name, scene, note…</source>
        <translation>Název, scéna, poznámka…</translation>
    </message>
    <message>
        <source>Write down a name, scene and take, whether it was good, and a note</source>
        <translation>Zapsat název, scénu a záběr, zda byl dobrý, a poznámku</translation>
    </message>
    <message>
        <source>name, scene and note of a file</source>
        <translation>název, scéna a poznámka souboru</translation>
    </message>
    <message>
        <source>Search by channel…</source>
        <translation>Hledat podle kanálu…</translation>
    </message>
    <message>
        <source>Which channel of the selected files a search listens to</source>
        <translation>Který kanál vybraných souborů hledání poslouchá</translation>
    </message>
    <message>
        <source>Relink an edit…</source>
        <translation>Znovu propojit střih…</translation>
    </message>
    <message>
        <source>An OpenTimelineIO timeline begun on the takes as they are: written once more, with every clip on the new files</source>
        <translation>Časová osa OpenTimelineIO začatá na záběrech, jak jsou: zapsaná ještě jednou, s každým klipem na nových souborech</translation>
    </message>
    <message>
        <source>Call it…</source>
        <translation>Pojmenovat…</translation>
    </message>
    <message>
        <source>Give the file that is selected in the list a name of its own</source>
        <translation>Dát souboru vybranému v seznamu vlastní název</translation>
    </message>
    <message>
        <source>Copy the files</source>
        <translation>Kopírovat soubory</translation>
    </message>
    <message>
        <source>What was written, to be pasted into a folder or another program</source>
        <translation>Co je zapsané, k vložení do složky nebo jiného programu</translation>
    </message>
    <message>
        <source>Lower it by</source>
        <translation>Ztlumit o</translation>
    </message>
    <message>
        <source>Lower the selected stretch of the clean sound, or the clap at the playhead, by so many dB</source>
        <translation>Ztlumit vybraný úsek čistého zvuku, nebo tlesknutí u přehrávací hlavy, o tolik dB</translation>
    </message>
    <message>
        <source>New export</source>
        <translation>Nový export</translation>
    </message>
</context>
<context>
    <name>brisk::app::Bench</name>
    <message>
        <source>What is known of this take stands here in words, and the one thing to do next is the green button.</source>
        <translation>Co je o tomto záběru známo, stojí tady slovy, a co udělat dál, je zelené tlačítko.</translation>
    </message>
    <message>
        <source>The camera&apos;s sound grows upwards, the recorder&apos;s clean sound downwards. When they are in place, one is the reflection of the other. Turn the wheel to come closer.</source>
        <translation>Zvuk kamery roste nahoru, čistý zvuk z rekordéru dolů. Na správném místě je jeden odrazem druhého. Kolečkem myši se přiblížíte.</translation>
    </message>
    <message>
        <source>Four steps in the order of work: where it falls, whether it fits to the end, what it shall sound like, what is kept.</source>
        <translation>Čtyři kroky v pořadí práce: kam padne, zda sedí až do konce, jak má znít, co zůstane.</translation>
    </message>
    <message>
        <source>Where does it fall?</source>
        <translation>Kam padne?</translation>
    </message>
    <message>
        <source>near where it is</source>
        <translation>poblíž</translation>
    </message>
    <message>
        <source>by this stretch of the take</source>
        <translation>podle tohoto úseku záběru</translation>
    </message>
    <message>
        <source>by this stretch, near where it is</source>
        <translation>podle tohoto úseku, poblíž</translation>
    </message>
    <message>
        <source>by claps alone</source>
        <translation>jen podle tlesknutí</translation>
    </message>
    <message>
        <source>by channel %1 of the camera</source>
        <translation>podle kanálu %1 kamery</translation>
    </message>
    <message>
        <source>by channel %1 of the recording</source>
        <translation>podle kanálu %1 nahrávky</translation>
    </message>
    <message>
        <source>Which take belongs here?</source>
        <translation>Který záběr sem patří?</translation>
    </message>
    <message>
        <source>%1 A search uses what is kept alone.</source>
        <translation>%1 Hledání použije jen to, co zůstává.</translation>
    </message>
    <message>
        <source>Drag the clean sound until the two face each other, then listen.</source>
        <translation>Táhněte čistý zvuk, až budou oba proti sobě, pak poslouchejte.</translation>
    </message>
</context>
<context>
    <name>brisk::app::ChannelMenu</name>
    <message>
        <source>channels: which</source>
        <translation>kanály: které</translation>
    </message>
    <message>
        <source>Some of the recording&apos;s channels, mixed, on both sides</source>
        <translation>Některé kanály nahrávky, smíchané, na obou stranách</translation>
    </message>
    <message>
        <source>channels…</source>
        <translation>kanály…</translation>
    </message>
    <message>
        <source>channels %1…</source>
        <translation>kanály %1…</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
</context>
<context>
    <name>brisk::app::CleanVideoAsk</name>
    <message>
        <source>another one…</source>
        <translation>jiné…</translation>
    </message>
    <message>
        <source>There is no recording yet. Is the clean sound in one of these videos? Its sound is then used, and its picture left out.</source>
        <translation>Nahrávka zatím není. Je čistý zvuk v některém z těchto videí? Pak se použije jeho zvuk a obraz se vynechá.</translation>
    </message>
    <message>
        <source>In %1: it sounds closest</source>
        <translation>V %1: zní nejblíž</translation>
    </message>
</context>
<context>
    <name>brisk::app::CutTools</name>
    <message>
        <source>Cut %1 later, where it is heard least.</source>
        <translation>Střihnout o %1 později, kde je to nejméně slyšet.</translation>
    </message>
    <message>
        <source>Cut %1 earlier, where it is heard least.</source>
        <translation>Střihnout o %1 dříve, kde je to nejméně slyšet.</translation>
    </message>
    <message>
        <source>Nothing was changed: less than one picture would be kept.</source>
        <translation>Nic se nezměnilo: zbylo by méně než jeden obraz.</translation>
    </message>
</context>
<context>
    <name>brisk::app::DayMap</name>
    <message>
        <source>Day map: recordings, and the takes where they belong</source>
        <translation>Mapa dne: nahrávky, a záběry tam, kam patří</translation>
    </message>
    <message>
        <source>no place · %1</source>
        <translation>bez místa · %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>brisk::app::DistanceRow</name>
    <message>
        <source>distance</source>
        <translation>vzdálenost</translation>
    </message>
    <message>
        <source>Sound needs 2.9 ms a metre, so a far camera hears late. With the distance the clean sound fits the picture, not the camera&apos;s microphone.</source>
        <translation>Zvuk potřebuje 2,9 ms na metr, vzdálená kamera tedy slyší pozdě. Se vzdáleností sedí čistý zvuk na obraz, ne na mikrofon kamery.</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>stopy</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>metry</translation>
    </message>
    <message>
        <source>Distance from the subject to the camera, in feet</source>
        <translation>Vzdálenost osoby od kamery, ve stopách</translation>
    </message>
    <message>
        <source>Distance from the subject to the camera, in metres</source>
        <translation>Vzdálenost osoby od kamery, v metrech</translation>
    </message>
    <message>
        <source>clean sound %1 earlier, as the picture has it</source>
        <translation>čistý zvuk o %1 dříve, jak ho má obraz</translation>
    </message>
    <message>
        <source>not set: fits the camera&apos;s microphone</source>
        <translation>nenastaveno: sedí na mikrofon kamery</translation>
    </message>
    <message>
        <source>Type feet, such as 14</source>
        <translation>Napište stopy, třeba 14</translation>
    </message>
    <message>
        <source>Type metres, such as %1</source>
        <translation>Napište metry, třeba %1</translation>
    </message>
    <message>
        <source>No clap or mark is near this picture: put a mark on it first.</source>
        <translation>U tohoto snímku není tlesknutí ani značka: nejdřív na něj dejte značku.</translation>
    </message>
</context>
<context>
    <name>brisk::app::EmptyBench</name>
    <message>
        <source>Drop the files of both cards here</source>
        <translation>Přetáhněte sem soubory z obou karet</translation>
    </message>
    <message>
        <source>The recorder&apos;s sound is here. Now add the camera&apos;s files.</source>
        <translation>Zvuk z rekordéru tu je. Teď přidejte soubory z kamery.</translation>
    </message>
    <message>
        <source>1  Add the camera&apos;s takes and the recorder&apos;s sound, in any order.
2  Find matches: every take goes to its place. Look and listen.
3  Tether what fits, and export it with the clean sound.

Nothing is changed on the cards.</source>
        <translation>1  Přidejte záběry z kamery a zvuk z rekordéru, v libovolném pořadí.
2  Najít místa: každý záběr jde na své místo. Dívejte se a poslouchejte.
3  Svažte, co sedí, a exportujte to s čistým zvukem.

Na kartách se nic nemění.</translation>
    </message>
    <message>
        <source>Go on with the unsaved shoot of %1</source>
        <translation>Pokračovat v neuloženém natáčení z %1</translation>
    </message>
    <message>
        <source>Open %1, in %2</source>
        <translation>Otevřít %1, ve složce %2</translation>
    </message>
</context>
<context>
    <name>brisk::app::FileNotes</name>
    <message>
        <source>Dismiss</source>
        <translation>Zavřít</translation>
    </message>
</context>
<context>
    <name>brisk::app::Filmstrip</name>
    <message>
        <source>Filmstrip</source>
        <translation>Filmový pás</translation>
    </message>
</context>
<context>
    <name>brisk::app::FirstLook</name>
    <message>
        <source>Where to look</source>
        <translation>Kam se dívat</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Začít</translation>
    </message>
</context>
<context>
    <name>brisk::app::FrameTip</name>
    <message>
        <source>Picture under the pointer</source>
        <translation>Obraz pod ukazatelem</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>snímek %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::GuidePage</name>
    <message>
        <source>Guide</source>
        <translation>Průvodce</translation>
    </message>
    <message>
        <source>Your first shoot</source>
        <translation>Vaše první natáčení</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Ručně</translation>
    </message>
    <message>
        <source>Far cameras</source>
        <translation>Vzdálené kamery</translation>
    </message>
    <message>
        <source>Long recordings</source>
        <translation>Dlouhé nahrávky</translation>
    </message>
    <message>
        <source>Exports for editing</source>
        <translation>Exporty pro střih</translation>
    </message>
    <message>
        <source>When it says no</source>
        <translation>Když řekne ne</translation>
    </message>
    <message>
        <source>Pages of the guide</source>
        <translation>Stránky průvodce</translation>
    </message>
    <message>
        <source>:/guide/%1.md</source>
        <comment>A page of the guide in this language</comment>
        <translation>:/guide/%1.cs.md</translation>
    </message>
</context>
<context>
    <name>brisk::app::HandOverDesk</name>
    <message>
        <source>Writing %1</source>
        <translation>Zapisuje se %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::HandOverFiles</name>
    <message>
        <source>%1
%2
XXH3-128 %3</source>
        <translation>%1
%2
XXH3-128 %3</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
</context>
<context>
    <name>brisk::app::HandOverSheet</name>
    <message>
        <source>Export</source>
        <translation>Export</translation>
    </message>
    <message>
        <source>Files to be written</source>
        <translation>Soubory k zapsání</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>video</source>
        <translation>video</translation>
    </message>
    <message>
        <source>MOV</source>
        <translation>MOV</translation>
    </message>
    <message>
        <source>QuickTime: everything that edits opens it</source>
        <translation>QuickTime: otevře ho každý střihový program</translation>
    </message>
    <message>
        <source>MKV</source>
        <translation>MKV</translation>
    </message>
    <message>
        <source>Matroska</source>
        <translation>Matroska</translation>
    </message>
    <message>
        <source>as the take</source>
        <translation>jako záběr</translation>
    </message>
    <message>
        <source>The container that the camera wrote</source>
        <translation>Kontejner, který zapsala kamera</translation>
    </message>
    <message>
        <source>none</source>
        <translation>žádné</translation>
    </message>
    <message>
        <source>No videos</source>
        <translation>Žádná videa</translation>
    </message>
    <message>
        <source>its sound</source>
        <translation>jeho zvuk</translation>
    </message>
    <message>
        <source>as it is, 24-bit</source>
        <translation>jak je, 24 bitů</translation>
    </message>
    <message>
        <source>32-bit float</source>
        <translation>32bitová plovoucí čárka</translation>
    </message>
    <message>
        <source>FLAC</source>
        <translation>FLAC</translation>
    </message>
    <message>
        <source>ALAC</source>
        <translation>ALAC</translation>
    </message>
    <message>
        <source>AAC</source>
        <translation>AAC</translation>
    </message>
    <message>
        <source>Opus</source>
        <translation>Opus</translation>
    </message>
    <message>
        <source>Nothing is lost</source>
        <translation>Nic se neztratí</translation>
    </message>
    <message>
        <source>Small, hardly to be told from the original</source>
        <translation>Malé, sotva k rozeznání od originálu</translation>
    </message>
    <message>
        <source>pieces begin</source>
        <translation>části začínají</translation>
    </message>
    <message>
        <source>at the cut</source>
        <translation>u střihu</translation>
    </message>
    <message>
        <source>Picture untouched in MOV and MP4, which can hide what comes before; in others it is re-encoded where the cut is not at a key frame</source>
        <translation>Obraz nedotčen v MOV a MP4, které umí skrýt, co je předtím; jinde znovu zakódován, kde střih není na klíčovém snímku</translation>
    </message>
    <message>
        <source>at the cut, re-encoded</source>
        <translation>u střihu, znovu zakódováno</translation>
    </message>
    <message>
        <source>For programs that show what a MOV hides: slow, and the picture is not the take&apos;s own, though hardly to be told from it</source>
        <translation>Pro programy, které ukazují, co MOV skrývá: pomalé, a obraz není původní, i když sotva k rozeznání</translation>
    </message>
    <message>
        <source>at the key frame before</source>
        <translation>u předchozího klíčového snímku</translation>
    </message>
    <message>
        <source>Picture untouched, quick; a piece begins a little before its cut</source>
        <translation>Obraz nedotčen, rychlé; část začíná trochu před střihem</translation>
    </message>
    <message>
        <source>sound alone</source>
        <translation>samotný zvuk</translation>
    </message>
    <message>
        <source>No sound files</source>
        <translation>Žádné zvukové soubory</translation>
    </message>
    <message>
        <source>WAV</source>
        <translation>WAV</translation>
    </message>
    <message>
        <source>The clean sound alone, as long as each take</source>
        <translation>Samotný čistý zvuk, dlouhý jako každý záběr</translation>
    </message>
    <message>
        <source>WAV, 32-bit float</source>
        <translation>WAV, 32bitová plovoucí čárka</translation>
    </message>
    <message>
        <source>The same; peaks over full scale are kept</source>
        <translation>Totéž; špičky nad plným vybuzením zůstanou</translation>
    </message>
    <message>
        <source>The same, half as large, nothing lost</source>
        <translation>Totéž, poloviční, nic se neztratí</translation>
    </message>
    <message>
        <source>peaks too high</source>
        <translation>příliš vysoké špičky</translation>
    </message>
    <message>
        <source>turn the take down</source>
        <translation>ztišit záběr</translation>
    </message>
    <message>
        <source>The whole take becomes quieter, so that its highest peak fits; nothing else changes</source>
        <translation>Celý záběr se ztiší tak, aby se vešla nejvyšší špička; jinak se nic nezmění</translation>
    </message>
    <message>
        <source>limit the peaks</source>
        <translation>omezit špičky</translation>
    </message>
    <message>
        <source>Each peak is turned down for some milliseconds; the rest stays as loud as it is</source>
        <translation>Každá špička se na pár milisekund ztiší; zbytek zůstane stejně hlasitý</translation>
    </message>
    <message>
        <source>let them be cut</source>
        <translation>nechat oříznout</translation>
    </message>
    <message>
        <source>Peaks are cut at full scale: they will be distorted</source>
        <translation>Špičky se oříznou na plném vybuzení: budou zkreslené</translation>
    </message>
    <message>
        <source>also write</source>
        <translation>zapsat také</translation>
    </message>
    <message>
        <source>timeline (OTIO)</source>
        <translation>časová osa (OTIO)</translation>
    </message>
    <message>
        <source>Every take in its place on the day, for other programs</source>
        <translation>Každý záběr na svém místě dne, pro jiné programy</translation>
    </message>
    <message>
        <source>edit list (EDL)</source>
        <translation>střihový seznam (EDL)</translation>
    </message>
    <message>
        <source>For programs that open no timeline: one camera, whole frames</source>
        <translation>Pro programy, které časovou osu neotevřou: jedna kamera, celé snímky</translation>
    </message>
    <message>
        <source>pointing at the originals</source>
        <translation>odkazující na originály</translation>
    </message>
    <message>
        <source>Timeline and edit list point at the takes and recordings as they are</source>
        <translation>Časová osa a střihový seznam odkazují na záběry a nahrávky, jak jsou</translation>
    </message>
    <message>
        <source>report</source>
        <translation>zpráva</translation>
    </message>
    <message>
        <source>A page with pictures: what was matched, how well, what was written</source>
        <translation>Stránka s obrázky: co k sobě sedlo, jak dobře, co se zapsalo</translation>
    </message>
    <message>
        <source>table</source>
        <translation>tabulka</translation>
    </message>
    <message>
        <source>The same as CSV</source>
        <translation>Totéž jako CSV</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>The same for scripts</source>
        <translation>Totéž pro skripty</translation>
    </message>
    <message>
        <source>read back</source>
        <translation>zpětné čtení</translation>
    </message>
    <message>
        <source>every picture</source>
        <translation>každý snímek</translation>
    </message>
    <message>
        <source>Every picture and every sound, as the system holds the file</source>
        <translation>Každý snímek a každý zvuk, jak soubor drží systém</translation>
    </message>
    <message>
        <source>from the disk</source>
        <translation>z disku</translation>
    </message>
    <message>
        <source>The same, after the file was written out and dropped from memory: slower</source>
        <translation>Totéž, až když je soubor zapsán a uvolněn z paměti: pomalejší</translation>
    </message>
    <message>
        <source>sounds only</source>
        <translation>jen zvuk</translation>
    </message>
    <message>
        <source>Quicker: pictures are not compared</source>
        <translation>Rychlejší: snímky se neporovnávají</translation>
    </message>
    <message>
        <source>SHA-256, too</source>
        <translation>i SHA-256</translation>
    </message>
    <message>
        <source>A slow check value for those who ask for it; a quick one is always taken</source>
        <translation>Pomalý kontrolní součet pro ty, kdo o něj stojí; rychlý se počítá vždy</translation>
    </message>
    <message>
        <source>names</source>
        <translation>názvy</translation>
    </message>
    <message>
        <source>Pattern of the files&apos; names</source>
        <translation>Vzor názvů souborů</translation>
    </message>
    <message>
        <source>A name for every file; it can hold %1</source>
        <translation>Název pro každý soubor; může obsahovat %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>in</source>
        <translation>kam</translation>
    </message>
    <message>
        <source>Write to</source>
        <translation>Zapsat do</translation>
    </message>
    <message>
        <source>1 file written</source>
        <translation>1 soubor zapsán</translation>
    </message>
    <message>
        <source>%1 files written</source>
        <translation>zapsaných souborů: %1</translation>
    </message>
    <message>
        <source>1 being written</source>
        <translation>1 se zapisuje</translation>
    </message>
    <message>
        <source>%1 being written</source>
        <translation>zapisuje se: %1</translation>
    </message>
    <message>
        <source>1 waits</source>
        <translation>1 čeká</translation>
    </message>
    <message>
        <source>%1 wait</source>
        <translation>čeká: %1</translation>
    </message>
    <message>
        <source>1 could not be written</source>
        <translation>1 nešlo zapsat</translation>
    </message>
    <message>
        <source>%1 could not be written</source>
        <translation>nešlo zapsat: %1</translation>
    </message>
    <message>
        <source>1 stopped</source>
        <translation>1 zastaven</translation>
    </message>
    <message>
        <source>%1 stopped</source>
        <translation>zastaveno: %1</translation>
    </message>
    <message>
        <source>%1 check failed</source>
        <translation>neprošlo kontrolou: %1</translation>
    </message>
    <message>
        <source>About %1; %2 are free.</source>
        <translation>Asi %1; volno je %2.</translation>
    </message>
    <message>
        <source> 1 file cannot be written, see there.</source>
        <translation> 1 soubor nelze zapsat, viz u něj.</translation>
    </message>
    <message>
        <source> %1 files cannot be written, see there.</source>
        <translation> Souborů, které nelze zapsat: %1, viz u nich.</translation>
    </message>
    <message>
        <source>this take</source>
        <translation>tento záběr</translation>
    </message>
    <message>
        <source>all tethered (%1)</source>
        <translation>všechny svázané (%1)</translation>
    </message>
    <message>
        <source>all with a place (%1)</source>
        <translation>všechny s místem (%1)</translation>
    </message>
    <message>
        <source>Write 1 file</source>
        <translation>Zapsat 1 soubor</translation>
    </message>
    <message>
        <source>Write %1 files</source>
        <translation>Zapsat soubory (%1)</translation>
    </message>
    <message>
        <source>Try again (%1)</source>
        <translation>Zkusit znovu (%1)</translation>
    </message>
    <message>
        <source>Stop this file</source>
        <translation>Zastavit tento soubor</translation>
    </message>
    <message>
        <source>Open this file</source>
        <translation>Otevřít tento soubor</translation>
    </message>
    <message>
        <source>Open its folder</source>
        <translation>Otevřít jeho složku</translation>
    </message>
    <message>
        <source>gaps closed</source>
        <translation>bez mezer</translation>
    </message>
    <message>
        <source>In timeline and edit list, what no camera keeps takes no time: the pieces follow each other</source>
        <translation>V časové ose a střihovém seznamu nezabírá čas, co žádná kamera nenechává: kusy jdou za sebou</translation>
    </message>
    <message>
        <source>to hand on</source>
        <translation>k předání</translation>
    </message>
    <message>
        <source>recordings as a whole</source>
        <translation>nahrávky vcelku</translation>
    </message>
    <message>
        <source>Each recorder&apos;s day as one sound on the clock of the camera, for an edit of your own; where each take begins in it is said</source>
        <translation>Den každého rekordéru jako jeden zvuk na hodinách kamery, pro vlastní střih; řekne se, kde v něm který záběr začíná</translation>
    </message>
    <message>
        <source>a folder of its own</source>
        <translation>vlastní složka</translation>
    </message>
    <message>
        <source>Everything in one folder, named for the shoot, that names its files from there</source>
        <translation>Všechno v jedné složce nazvané podle natáčení, která své soubory jmenuje odtamtud</translation>
    </message>
    <message>
        <source>manifest (ASC MHL)</source>
        <translation>manifest (ASC MHL)</translation>
    </message>
    <message>
        <source>A list of all files with their check values, for whoever gets them</source>
        <translation>Seznam všech souborů s kontrolními hodnotami, pro toho, kdo je dostane</translation>
    </message>
    <message>
        <source>An edit begun on the takes</source>
        <translation>Střih začatý na záběrech</translation>
    </message>
    <message>
        <source>OpenTimelineIO timeline (*.otio)</source>
        <translation>Časová osa OpenTimelineIO (*.otio)</translation>
    </message>
    <message>
        <source>Call it</source>
        <translation>Pojmenovat</translation>
    </message>
    <message>
        <source>Name of this file, without its ending; empty: as the pattern has it</source>
        <translation>Název tohoto souboru bez přípony; prázdné: jak má vzor</translation>
    </message>
    <message>
        <source>Relinks %1</source>
        <translation>Propojí %1</translation>
    </message>
    <message>
        <source>pieces are</source>
        <translation>kusy jsou</translation>
    </message>
    <message>
        <source>A file for each piece that is kept</source>
        <translation>Soubor pro každý ponechaný kus</translation>
    </message>
    <message>
        <source>joined</source>
        <translation>spojené</translation>
    </message>
    <message>
        <source>All pieces of a take in one file without gaps; re-encoded where a piece begins between key frames</source>
        <translation>Všechny kusy záběru v jednom souboru bez mezer; překódované, kde kus začíná mezi klíčovými snímky</translation>
    </message>
    <message>
        <source>each a file</source>
        <translation>každý jako soubor</translation>
    </message>
</context>
<context>
    <name>brisk::app::HeaderBar</name>
    <message>
        <source>Open recent</source>
        <translation>Nedávno otevřené</translation>
    </message>
    <message>
        <source>What just happened</source>
        <translation>Co se právě stalo</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Průběh</translation>
    </message>
    <message>
        <source>Shoot: %1</source>
        <translation>Natáčení: %1</translation>
    </message>
    <message>
        <source>not saved</source>
        <translation>neuloženo</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>uloženo</translation>
    </message>
</context>
<context>
    <name>brisk::app::KeyPage</name>
    <message>
        <source>Keys</source>
        <translation>Klávesy</translation>
    </message>
    <message>
        <source>find what it does, or a key</source>
        <translation>najít, co dělá, nebo klávesu</translation>
    </message>
    <message>
        <source>Find a key by what it does, or by its name</source>
        <translation>Najít klávesu podle toho, co dělá, nebo podle názvu</translation>
    </message>
    <message>
        <source>Every key of the window</source>
        <translation>Všechny klávesy okna</translation>
    </message>
    <message>
        <source>The new key: press it</source>
        <translation>Nová klávesa: stiskněte ji</translation>
    </message>
    <message>
        <source>Use this key</source>
        <translation>Použít tuto klávesu</translation>
    </message>
    <message>
        <source>No key</source>
        <translation>Bez klávesy</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Jako na začátku</translation>
    </message>
    <message>
        <source>All as they came</source>
        <translation>Všechny jako na začátku</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Choose a line to change its key.</source>
        <translation>Zvolte řádek, jehož klávesu chcete změnit.</translation>
    </message>
    <message>
        <source>This key belongs to its place and stays as it is.</source>
        <translation>Tato klávesa patří ke svému místu a zůstává, jak je.</translation>
    </message>
    <message>
        <source>Press the new key for “%1” in the field.</source>
        <translation>Stiskněte v poli novou klávesu pro „%1“.</translation>
    </message>
    <message>
        <source>%1 is needed to move around in every window.</source>
        <translation>%1 je v každém okně potřeba k pohybu.</translation>
    </message>
    <message>
        <source>%1 does “%2” so far, which would be without it.</source>
        <translation>%1 zatím dělá „%2“; to by o ni přišlo.</translation>
    </message>
    <message>
        <source>%1 does “%2” %3, and stays with it.</source>
        <translation>%1 dělá „%2“ %3 a zůstane u toho.</translation>
    </message>
    <message>
        <source>%1 is free.</source>
        <translation>%1 je volná.</translation>
    </message>
</context>
<context>
    <name>brisk::app::ListenBar</name>
    <message>
        <source>Playhead</source>
        <translation>Přehrávací hlava</translation>
    </message>
    <message>
        <source>What is heard</source>
        <translation>Co je slyšet</translation>
    </message>
    <message>
        <source>Speed, the pitch stays: as it is, double, half</source>
        <translation>Rychlost, výška tónu zůstává: normální, dvojnásobná, poloviční</translation>
    </message>
    <message>
        <source>How far apart around the playhead</source>
        <translation>Jak daleko od sebe u přehrávací hlavy</translation>
    </message>
    <message>
        <source>How far apart the two sounds are around the playhead</source>
        <translation>Jak daleko od sebe jsou oba zvuky u přehrávací hlavy</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Zastavit</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Přehrát</translation>
    </message>
    <message>
        <source>silent: no device</source>
        <translation>ticho: žádné zařízení</translation>
    </message>
    <message>
        <source>No sound device was found. Everything plays, unheard, on a simulated clock.</source>
        <translation>Nenašlo se zvukové zařízení. Vše běží, neslyšně, podle simulovaných hodin.</translation>
    </message>
    <message>
        <source>none here</source>
        <translation>zde žádný</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>o %1 dál</translation>
    </message>
</context>
<context>
    <name>brisk::app::LongWork</name>
    <message>
        <source>Done: %1</source>
        <translation>Hotovo: %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::LooseWays</name>
    <message>
        <source>Without a search: lay it where it may belong, then move it and listen.</source>
        <translation>Bez hledání: položte ho tam, kam by mohl patřit, pak ho posouvejte a poslouchejte.</translation>
    </message>
    <message>
        <source>0:12:30.5</source>
        <translation>0:12:30,5</translation>
    </message>
    <message>
        <source>Time of the recording at which the take begins</source>
        <translation>Čas nahrávky, ve kterém záběr začíná</translation>
    </message>
    <message>
        <source>Type the time of the recording at which the take begins</source>
        <translation>Zadejte čas nahrávky, ve kterém záběr začíná</translation>
    </message>
    <message>
        <source>Without a search: lay the %1 selected takes where they may belong, then move them and listen.</source>
        <translation>Bez hledání: vybrané záběry (%1) položte tam, kam by mohly patřit, pak je posuňte a poslechněte si je.</translation>
    </message>
</context>
<context>
    <name>brisk::app::LoudnessMenu</name>
    <message>
        <source>How loud, the balance of camera and clean sound, and where it comes from</source>
        <translation>Jak hlasitě, vyvážení kamery a čistého zvuku a odkud zní</translation>
    </message>
    <message>
        <source>Volume, balance and sound device</source>
        <translation>Hlasitost, vyvážení a zvukové zařízení</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Hlasitost</translation>
    </message>
    <message>
        <source>silent</source>
        <translation>ticho</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>jak je</translation>
    </message>
    <message>
        <source>Balance of both</source>
        <translation>Vyvážení obou</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>kamera</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>čistý</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Jako plocha</translation>
    </message>
    <message>
        <source>volume</source>
        <translation>hlasitost</translation>
    </message>
    <message>
        <source>volume %1 %</source>
        <translation>hlasitost %1 %</translation>
    </message>
</context>
<context>
    <name>brisk::app::MainWindow</name>
    <message>
        <source>Brisk Tether</source>
        <translation>Brisk Tether</translation>
    </message>
    <message>
        <source>About Brisk Tether</source>
        <translation>O Brisk Tether</translation>
    </message>
    <message>
        <source>&lt;b&gt;Brisk Tether %1&lt;/b&gt;&lt;p&gt;Puts clean sound to picture.&lt;p&gt;Free software under the GNU General Public License, version 3 or later. It comes without any warranty.</source>
        <translation>&lt;b&gt;Brisk Tether %1&lt;/b&gt;&lt;p&gt;Dává čistý zvuk k obrazu.&lt;p&gt;Svobodný software pod GNU General Public License, verze 3 nebo novější. Bez jakékoli záruky.</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Otevírá se %1</translation>
    </message>
    <message>
        <source>Making the demo shoot</source>
        <translation>Vytváří se ukázka</translation>
    </message>
    <message>
        <source>Add takes and recordings</source>
        <translation>Přidat záběry a nahrávky</translation>
    </message>
    <message>
        <source>Video and sound (*.mp4 *.mov *.mkv *.mts *.m2ts *.ts *.wav *.flac *.mp3 *.m4a *.ogg *.opus *.MP4 *.MOV *.MTS *.WAV);;All files (*)</source>
        <translation>Video a zvuk (*.mp4 *.mov *.mkv *.mts *.m2ts *.ts *.wav *.flac *.mp3 *.m4a *.ogg *.opus *.MP4 *.MOV *.MTS *.WAV);;Všechny soubory (*)</translation>
    </message>
    <message>
        <source>Open a shoot</source>
        <translation>Otevřít natáčení</translation>
    </message>
    <message>
        <source>Still at work</source>
        <translation>Ještě se pracuje</translation>
    </message>
    <message>
        <source>%1. What is whole stays; the rest is stopped, and nothing half-written is left.</source>
        <translation>%1. Co je celé, zůstane; zbytek se zastaví a nic napůl zapsaného nezbude.</translation>
    </message>
    <message>
        <source>Stop it</source>
        <translation>Zastavit</translation>
    </message>
    <message>
        <source>Let it finish</source>
        <translation>Nechat dokončit</translation>
    </message>
    <message>
        <source>Save the shoot</source>
        <translation>Uložit natáčení</translation>
    </message>
    <message>
        <source>Close the shoot</source>
        <translation>Zavřít natáčení</translation>
    </message>
    <message>
        <source>The shoot has changes that were not saved. Your files are untouched either way.</source>
        <translation>Natáčení má neuložené změny. Vaše soubory jsou tak či tak nedotčené.</translation>
    </message>
</context>
<context>
    <name>brisk::app::MatchCurveView</name>
    <message>
        <source>Match curve: how strongly the take belongs at each place</source>
        <translation>Křivka shody: jak silně záběr patří na každé místo</translation>
    </message>
    <message>
        <source>looking for other places</source>
        <translation>hledají se jiná místa</translation>
    </message>
    <message>
        <source>too little is heard to compare places</source>
        <translation>je slyšet příliš málo na porovnání míst</translation>
    </message>
    <message>
        <source>no other place comes near</source>
        <translation>žádné jiné místo se neblíží</translation>
    </message>
    <message>
        <source>the next place is %1 % as strong</source>
        <translation>další místo je na %1 % síly</translation>
    </message>
    <message>
        <source>match curve</source>
        <translation>křivka shody</translation>
    </message>
    <message>
        <source>%1 at %2: %3 % of the strongest.</source>
        <translation>%1 v %2: %3 % nejsilnějšího.</translation>
    </message>
    <message>
        <source>it is placed here</source>
        <translation>tady leží</translation>
    </message>
    <message>
        <source> Click to try it.</source>
        <translation> Kliknutím vyzkoušíte.</translation>
    </message>
</context>
<context>
    <name>brisk::app::MediaLibrary</name>
    <message>
        <source>Reading %1</source>
        <translation>Čte se %1</translation>
    </message>
    <message>
        <source>Reading was stopped. &quot;Look again&quot;, in the menu of the list, reads it.</source>
        <translation>Čtení bylo zastaveno. Přečte ho „Přečíst znovu“ v nabídce seznamu.</translation>
    </message>
    <message>
        <source>%1 is not there any more. Is its card out? Put it back in, and all goes on as before.</source>
        <translation>%1 už tu není. Je karta venku? Vložte ji zpět a vše půjde dál jako předtím.</translation>
    </message>
    <message numerus="yes">
        <source>%n files are not there any more. Is a card out? Put it back in, and all goes on as before.</source>
        <translation>
            <numerusform>%n soubor už tu není. Je karta venku? Vložte ji zpět a vše půjde dál jako předtím.</numerusform>
            <numerusform>%n soubory už tu nejsou. Je karta venku? Vložte ji zpět a vše půjde dál jako předtím.</numerusform>
            <numerusform>%n souborů už tu není. Je karta venku? Vložte ji zpět a vše půjde dál jako předtím.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 is there again.</source>
        <translation>%1 je zase tady.</translation>
    </message>
    <message numerus="yes">
        <source>%n files are there again.</source>
        <translation>
            <numerusform>%n soubor je zase tady.</numerusform>
            <numerusform>%n soubory jsou zase tady.</numerusform>
            <numerusform>%n souborů je zase tady.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>brisk::app::MediaListModel</name>
    <message>
        <source>cannot be read</source>
        <translation>nelze přečíst</translation>
    </message>
    <message>
        <source>mono</source>
        <translation>mono</translation>
    </message>
    <message>
        <source>stereo</source>
        <translation>stereo</translation>
    </message>
    <message>
        <source>%1 channels</source>
        <translation>kanálů: %1</translation>
    </message>
    <message>
        <source>, %1-bit</source>
        <translation>, %1 bitů</translation>
    </message>
    <message>
        <source>; 1 take on it</source>
        <translation>; 1 záběr na ní</translation>
    </message>
    <message>
        <source>; %1 takes on it</source>
        <translation>; záběrů na ní: %1</translation>
    </message>
    <message>
        <source>1 recording</source>
        <translation>1 nahrávka</translation>
    </message>
    <message>
        <source>%1 recordings</source>
        <translation>nahrávky: %1</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1, recording, %2</source>
        <translation>%1, nahrávka, %2</translation>
    </message>
    <message>
        <source>%1, not listened to</source>
        <translation>%1, neposlechnuto</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>not there</source>
        <translation>není tu</translation>
    </message>
</context>
<context>
    <name>brisk::app::MicrophoneRow</name>
    <message>
        <source>microphone</source>
        <translation>mikrofon</translation>
    </message>
    <message>
        <source>Microphone that is heard</source>
        <translation>Mikrofon, který je slyšet</translation>
    </message>
    <message>
        <source>Several microphones ran during this take. Choose which one is heard; the others are kept beside it.</source>
        <translation>Při tomto záběru běželo víc mikrofonů. Zvolte, který je slyšet; ostatní zůstanou vedle.</translation>
    </message>
    <message>
        <source>%1 is heard</source>
        <translation>je slyšet %1</translation>
    </message>
    <message>
        <source>kept beside it: %1</source>
        <translation>ponecháno vedle: %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Hear %1 instead</source>
        <translation>Slyšet místo toho %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::OpenShoot</name>
    <message>
        <source>New shoot</source>
        <translation>Nové natáčení</translation>
    </message>
    <message>
        <source>Kept as &quot;%1&quot;.</source>
        <translation>Uchováno jako „%1“.</translation>
    </message>
    <message>
        <source>%1 is open already (%2). Nothing was changed; close it there first, or work on a copy.</source>
        <translation>%1 už je otevřené (%2). Nic se nezměnilo; nejdřív ho tam zavřete, nebo pracujte na kopii.</translation>
    </message>
    <message>
        <source>in another window</source>
        <translation>v jiném okně</translation>
    </message>
    <message>
        <source>The shoot that was open was not saved. It is kept, and offered when the program starts the next time.</source>
        <translation>Otevřené natáčení nebylo uloženo. Zůstává a při příštím spuštění se nabídne.</translation>
    </message>
    <message>
        <source>%1 could not be set aside, so %2 was not opened.</source>
        <translation>%1 nešlo odložit, proto se %2 neotevřelo.</translation>
    </message>
    <message>
        <source>Steps that were not saved belong to another state of this shoot. They were set aside as %1.</source>
        <translation>Neuložené kroky patří k jinému stavu tohoto natáčení. Byly odloženy jako %1.</translation>
    </message>
    <message>
        <source>The program ended before a step could be saved: it is back. Undo takes it away again.</source>
        <translation>Program skončil dřív, než se krok uložil: je zpátky. Vrácením ho zase odeberete.</translation>
    </message>
    <message>
        <source>The program ended before %1 steps could be saved: they are back. Undo takes them away again.</source>
        <translation>Program skončil dřív, než se kroky (%1) uložily: jsou zpátky. Vrácením je zase odeberete.</translation>
    </message>
    <message>
        <source>That shoot is being worked on in another window.</source>
        <translation>Na tomto natáčení se pracuje v jiném okně.</translation>
    </message>
</context>
<context>
    <name>brisk::app::OtherPicture</name>
    <message>
        <source>The other camera&apos;s picture</source>
        <translation>Obraz druhé kamery</translation>
    </message>
    <message>
        <source>No other camera was running at this moment.</source>
        <translation>V tuto chvíli neběžela žádná jiná kamera.</translation>
    </message>
</context>
<context>
    <name>brisk::app::PictureView</name>
    <message>
        <source>Picture at the playhead</source>
        <translation>Obraz u přehrávací hlavy</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>snímek %1</translation>
    </message>
    <message>
        <source>frame %1 is on its way</source>
        <translation>snímek %1 je na cestě</translation>
    </message>
</context>
<context>
    <name>brisk::app::PlaceBar</name>
    <message>
        <source>Where the take falls on the recording</source>
        <translation>Kam záběr na nahrávce padne</translation>
    </message>
    <message>
        <source>Type a time, or a change: +3 ms, −12 frames, +40 samples. Enter places it.</source>
        <translation>Napište čas, nebo změnu: +3 ms, −12 frames, +40 samples. Enter ho umístí.</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>snímek</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>sample</source>
        <translation>vzorek</translation>
    </message>
    <message>
        <source>A size of your own</source>
        <translation>Vlastní velikost</translation>
    </message>
    <message>
        <source>A size of your own: 5 ms, 0.1 ms, 10 frames, 7 samples</source>
        <translation>Vlastní velikost: 5 ms, 0,1 ms, 10 frames, 7 samples</translation>
    </message>
    <message>
        <source>Put the marks together</source>
        <translation>Spojit značky</translation>
    </message>
    <message>
        <source>Put the claps together</source>
        <translation>Spojit tlesknutí</translation>
    </message>
    <message>
        <source>placed as typed</source>
        <translation>umístěno, jak bylo napsáno</translation>
    </message>
    <message>
        <source>moved by %1</source>
        <translation>posunuto o %1</translation>
    </message>
    <message>
        <source>place %1 of %2: %3</source>
        <translation>místo %1 z %2: %3</translation>
    </message>
    <message>
        <source>There is no mark or clap on both sounds yet.</source>
        <translation>Zatím není značka nebo tlesknutí na obou zvucích.</translation>
    </message>
</context>
<context>
    <name>brisk::app::Player</name>
    <message>
        <source>The sound device had stopped; playing was started on it again.</source>
        <translation>Zvukové zařízení se zastavilo; přehrávání se na něm znovu spustilo.</translation>
    </message>
    <message>
        <source>The sound device is gone: playing goes on, but nothing can be heard.</source>
        <translation>Zvukové zařízení je pryč: přehrává se dál, ale není nic slyšet.</translation>
    </message>
    <message>
        <source>%1 is gone: playing goes on on %2.</source>
        <translation>%1 zmizelo: přehrává se dál na %2.</translation>
    </message>
</context>
<context>
    <name>brisk::app::PreferencesPage</name>
    <message>
        <source>Preferences</source>
        <translation>Předvolby</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Vzhled</translation>
    </message>
    <message>
        <source>as the desktop</source>
        <translation>jako plocha</translation>
    </message>
    <message>
        <source>day</source>
        <translation>den</translation>
    </message>
    <message>
        <source>night</source>
        <translation>noc</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Velikost písma</translation>
    </message>
    <message>
        <source>Distances in</source>
        <translation>Vzdálenosti v</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>metry</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>stopy</translation>
    </message>
    <message>
        <source>Exports go</source>
        <translation>Exporty jdou</translation>
    </message>
    <message>
        <source>beside the takes</source>
        <translation>vedle záběrů</translation>
    </message>
    <message>
        <source>A shoot that was exported before remembers its own folder.</source>
        <translation>Natáčení, které už bylo exportováno, si pamatuje vlastní složku.</translation>
    </message>
    <message>
        <source>Sound comes from</source>
        <translation>Zvuk vychází z</translation>
    </message>
    <message>
        <source>Files read at once</source>
        <translation>Souborů čtených najednou</translation>
    </message>
    <message>
        <source>as many as there are cores</source>
        <translation>tolik, kolik je jader</translation>
    </message>
    <message>
        <source>What was read is kept, at most</source>
        <translation>Přečtené se uchovává, nejvýš</translation>
    </message>
    <message>
        <source>It is kept</source>
        <translation>Uchovává se</translation>
    </message>
    <message>
        <source>where the desktop keeps such things</source>
        <translation>tam, kde plocha takové věci uchovává</translation>
    </message>
    <message>
        <source>So that a file is read once and not at every start. Your files and shoots are not in it; it may be emptied at any time.</source>
        <translation>Aby se soubor četl jednou a ne při každém spuštění. Vaše soubory a natáčení v tom nejsou; lze to kdykoli vyprázdnit.</translation>
    </message>
    <message>
        <source>Empty it now</source>
        <translation>Vyprázdnit teď</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Zvolit…</translation>
    </message>
    <message>
        <source>%1: choose a folder</source>
        <translation>%1: zvolit složku</translation>
    </message>
    <message>
        <source>%1 (not there now)</source>
        <translation>%1 (teď tu není)</translation>
    </message>
    <message>
        <source>%1 % of the desktop&apos;s</source>
        <translation>%1 % velikosti plochy</translation>
    </message>
</context>
<context>
    <name>brisk::app::QuietTools</name>
    <message>
        <source>quiet stretches</source>
        <translation>tiché úseky</translation>
    </message>
    <message>
        <source>By how many dB a stretch is lowered</source>
        <translation>O kolik dB se úsek ztlumí</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
</context>
<context>
    <name>brisk::app::RecordingWays</name>
    <message>
        <source>Listen, find the clap, mark it; then lay the take that belongs there. A bracket above the sound opens its take.</source>
        <translation>Poslouchejte, najděte a označte tlesknutí; pak položte záběr, který tam patří. Svorka nad zvukem otevře svůj záběr.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>brisk::app::SeamView</name>
    <message>
        <source>Seam: camera sound above, clean sound below</source>
        <translation>Šev: zvuk kamery nahoře, čistý zvuk dole</translation>
    </message>
    <message>
        <source>%1, frame %2</source>
        <translation>%1, snímek %2</translation>
    </message>
    <message>
        <source>Name of the mark</source>
        <translation>Název značky</translation>
    </message>
    <message>
        <source>%1. Drag to move it, double-click to name it, Delete removes it.</source>
        <translation>%1. Tažením ji posunete, dvojklikem pojmenujete, Delete ji odebere.</translation>
    </message>
    <message>
        <source>A clap, %1 dB above what is before it. Click to make it a mark.</source>
        <translation>Tlesknutí, %1 dB nad tím, co je před ním. Kliknutím z něj bude značka.</translation>
    </message>
    <message>
        <source>Drag: how tall this side is drawn. Also Ctrl and wheel; Alt+Up/Down for the camera, Ctrl+Up/Down for the clean sound.</source>
        <translation>Tažení: jak vysoko se tato strana kreslí. Také Ctrl a kolečko; Alt+nahoru/dolů pro kameru, Ctrl+nahoru/dolů pro čistý zvuk.</translation>
    </message>
    <message>
        <source>measured here: %1</source>
        <translation>tady změřeno: %1</translation>
    </message>
    <message>
        <source>  frame %1</source>
        <translation>  snímek %1</translation>
    </message>
    <message>
        <source>no clean sound: the camera&apos;s is heard</source>
        <translation>žádný čistý zvuk: je slyšet kamera</translation>
    </message>
    <message>
        <source>no clean sound: trimmed away</source>
        <translation>žádný čistý zvuk: odříznuto</translation>
    </message>
    <message>
        <source>no clean sound here: silence</source>
        <translation>tady žádný čistý zvuk: ticho</translation>
    </message>
    <message>
        <source>cut away</source>
        <translation>odstřiženo</translation>
    </message>
    <message>
        <source>quiet</source>
        <translation>ztišeno</translation>
    </message>
    <message>
        <source>goes on in %1</source>
        <translation>pokračuje v %1</translation>
    </message>
    <message>
        <source>, %1 times as tall</source>
        <translation>, %1× vyšší</translation>
    </message>
    <message>
        <source> (looking for the shared sound)</source>
        <translation> (hledá se společný zvuk)</translation>
    </message>
    <message>
        <source>, what both share</source>
        <translation>, co mají oba společné</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>kamera</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>čistý</translation>
    </message>
    <message>
        <source>Add the recorder&apos;s file: its sound will grow here, face to face with the camera&apos;s.</source>
        <translation>Přidejte soubor z rekordéru: jeho zvuk tu vyroste, tváří v tvář zvuku kamery.</translation>
    </message>
    <message>
        <source>Find matches, and the clean sound will grow here, face to face with the camera&apos;s.</source>
        <translation>Najděte místa, a čistý zvuk tu vyroste, tváří v tvář zvuku kamery.</translation>
    </message>
    <message>
        <source>, clipped in 1 place</source>
        <translation>, přebuzeno na 1 místě</translation>
    </message>
    <message>
        <source>, clipped in %1 places</source>
        <translation>, přebuzeno na místech: %1</translation>
    </message>
    <message>
        <source>mark moved by %1</source>
        <translation>značka posunuta o %1</translation>
    </message>
    <message>
        <source>clean sound moved by %1</source>
        <translation>čistý zvuk posunut o %1</translation>
    </message>
    <message>
        <source>Whole recording</source>
        <translation>Celá nahrávka</translation>
    </message>
    <message>
        <source>Whole take</source>
        <translation>Celý záběr</translation>
    </message>
    <message>
        <source>%1 = %2 samples</source>
        <translation>%1 = vzorků: %2</translation>
    </message>
    <message>
        <source>%1 = %2 = %3 samples</source>
        <translation>%1 = %2 = vzorků: %3</translation>
    </message>
    <message>
        <source>No take lies on this recording yet. Drag one here from the list, or put the playhead where it begins and lay it there.</source>
        <translation>Na této nahrávce zatím neleží žádný záběr. Přetáhněte sem některý ze seznamu, nebo postavte přehrávací hlavu tam, kde začíná, a položte ho.</translation>
    </message>
    <message>
        <source>A film without sound: the clean sound will grow here once it is laid on a recording.</source>
        <translation>Film bez zvuku: čistý zvuk tu vyroste, jakmile bude položen na nahrávku.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 missing</source>
        <translation>chybí %1</translation>
    </message>
    <message>
        <source>%1 too much</source>
        <translation>%1 navíc</translation>
    </message>
    <message>
        <source>%1 farther: heard %2 later</source>
        <translation>o %1 dál: slyšet o %2 později</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>o %1 dál</translation>
    </message>
    <message>
        <source>Its place is being searched. The clean sound will grow here, face to face with the camera&apos;s.</source>
        <translation>Jeho místo se hledá. Čistý zvuk vyroste zde, naproti zvuku kamery.</translation>
    </message>
</context>
<context>
    <name>brisk::app::Session</name>
    <message>
        <source>Looking at %1</source>
        <translation>Prohlíží se %1</translation>
    </message>
    <message>
        <source>Looking at %1 files and folders</source>
        <translation>Prohlíží se soubory a složky (%1)</translation>
    </message>
    <message>
        <source>Placing a mark</source>
        <translation>Dává se značka</translation>
    </message>
    <message>
        <source>No onset is near: the mark stays where it was put.</source>
        <translation>Poblíž není žádný začátek zvuku: značka zůstane, kam byla dána.</translation>
    </message>
    <message>
        <source>The mark settled on the onset %1 %2.</source>
        <translation>Značka se usadila na začátku zvuku %1 %2.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>předtím</translation>
    </message>
    <message>
        <source>after</source>
        <translation>potom</translation>
    </message>
    <message>
        <source>%1 cannot be compared before the old file is read.</source>
        <translation>%1 nelze porovnat, dokud není přečten starý soubor.</translation>
    </message>
    <message>
        <source>%1 is in the shoot already.</source>
        <translation>%1 už v natáčení je.</translation>
    </message>
    <message>
        <source>Comparing %1</source>
        <translation>Porovnává se %1</translation>
    </message>
    <message>
        <source>Nothing was changed.</source>
        <translation>Nic se nezměnilo.</translation>
    </message>
    <message>
        <source>%1 is a copy of %2 (%3 % alike); %4. %5 kept.</source>
        <translation>%1 je kopie %2 (z %3 % stejná); %4. Zachováno: %5.</translation>
    </message>
    <message>
        <source>1 tether</source>
        <translation>1 vazba</translation>
    </message>
    <message>
        <source>%1 tethers</source>
        <translation>vazby: %1</translation>
    </message>
    <message>
        <source>Levels can be made alike once two takes have a place.</source>
        <translation>Úrovně lze srovnat, jakmile mají dva záběry místo.</translation>
    </message>
    <message>
        <source>Measuring the loudness of %1 takes</source>
        <translation>Měří se hlasitost záběrů (%1)</translation>
    </message>
    <message>
        <source>The takes are silent: nothing was changed.</source>
        <translation>Záběry jsou tiché: nic se nezměnilo.</translation>
    </message>
    <message>
        <source>Measuring levels</source>
        <translation>Měří se úrovně</translation>
    </message>
    <message>
        <source>Matching 1 take</source>
        <translation>Hledá se místo pro 1 záběr</translation>
    </message>
    <message>
        <source>Matching %1 takes</source>
        <translation>Hledají se místa pro záběry (%1)</translation>
    </message>
    <message>
        <source>Searching again</source>
        <translation>Hledá se znovu</translation>
    </message>
    <message>
        <source>placed to within 10 ms: %1</source>
        <translation>umístěno na 10 ms: %1</translation>
    </message>
    <message>
        <source>Found nothing %1; it stays where it is. %2</source>
        <translation>Nic nenalezeno %1; zůstává, kde je. %2</translation>
    </message>
    <message>
        <source>Found %1: %2</source>
        <translation>Nalezeno %1: %2</translation>
    </message>
    <message>
        <source>Matching begins with the first take and the first recording that are read.</source>
        <translation>Hledání začne prvním záběrem a první nahrávkou, které budou přečteny.</translation>
    </message>
    <message>
        <source>%1 had seemed to lie on %2 while files were still being read. With all of them it has no place.</source>
        <translation>Zdálo se, že %1 leží na %2, dokud se soubory ještě četly. Se všemi nemá místo žádné.</translation>
    </message>
    <message>
        <source>%1 had seemed to lie on %2 while files were still being read. With all of them: %3</source>
        <translation>Zdálo se, že %1 leží na %2, dokud se soubory ještě četly. Se všemi: %3</translation>
    </message>
</context>
<context>
    <name>brisk::app::SlateDialog</name>
    <message>
        <source>%1 files</source>
        <translation>%1 souborů</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Název</translation>
    </message>
    <message>
        <source>each its own</source>
        <translation>každý svůj</translation>
    </message>
    <message>
        <source>Scene</source>
        <translation>Scéna</translation>
    </message>
    <message>
        <source>Take number</source>
        <translation>Číslo záběru</translation>
    </message>
    <message>
        <source>Good or not</source>
        <translation>Dobré, nebo ne</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>neřečeno</translation>
    </message>
    <message>
        <source>good</source>
        <translation>dobré</translation>
    </message>
    <message>
        <source>not good</source>
        <translation>špatné</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Poznámka</translation>
    </message>
    <message>
        <source>several; what is written here takes their place</source>
        <translation>několik; co zde napíšete, je nahradí</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Zapsat</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Zrušit</translation>
    </message>
    <message>
        <source>several</source>
        <translation>několik</translation>
    </message>
</context>
<context>
    <name>brisk::app::SlipLine</name>
    <message>
        <source>How far apart, along the take</source>
        <translation>Jak daleko od sebe, podél záběru</translation>
    </message>
    <message>
        <source>too short to compare along its length</source>
        <translation>příliš krátké na porovnání podél délky</translation>
    </message>
    <message>
        <source>how far apart, along the take</source>
        <translation>jak daleko od sebe, podél záběru</translation>
    </message>
    <message>
        <source>%1 of the take: %2</source>
        <translation>%1 záběru: %2</translation>
    </message>
    <message>
        <source>no common sound</source>
        <translation>žádný společný zvuk</translation>
    </message>
    <message>
        <source>how far apart, along the take: %1 to %2</source>
        <translation>jak daleko od sebe, podél záběru: %1 až %2</translation>
    </message>
    <message>
        <source>; pale: with the jumps left in</source>
        <translation>; bledě: kdyby přeskoky zůstaly</translation>
    </message>
    <message>
        <source>; pale: if the recorder&apos;s pace were not followed</source>
        <translation>; bledě: kdyby se chod rekordéru nesledoval</translation>
    </message>
</context>
<context>
    <name>brisk::app::SoundPanel</name>
    <message>
        <source>for this take</source>
        <translation>pro tento záběr</translation>
    </message>
    <message>
        <source>What is chosen holds for this take only</source>
        <translation>Co se zvolí, platí jen pro tento záběr</translation>
    </message>
    <message>
        <source>for all takes</source>
        <translation>pro všechny záběry</translation>
    </message>
    <message>
        <source>What is chosen holds for every take that has no choice of its own</source>
        <translation>Co se zvolí, platí pro každý záběr bez vlastní volby</translation>
    </message>
    <message>
        <source>as all takes</source>
        <translation>jako všechny záběry</translation>
    </message>
    <message>
        <source>Forget what was chosen for this take alone</source>
        <translation>Zapomenout, co bylo zvoleno jen pro tento záběr</translation>
    </message>
    <message>
        <source>camera&apos;s sound</source>
        <translation>zvuk kamery</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>vynechán</translation>
    </message>
    <message>
        <source>It stays in the take, and is not in the new file</source>
        <translation>Zůstane v záběru a není v novém souboru</translation>
    </message>
    <message>
        <source>second track</source>
        <translation>druhá stopa</translation>
    </message>
    <message>
        <source>A track of its own, not the one that plays by itself</source>
        <translation>Vlastní stopa, ne ta, která se přehrává sama</translation>
    </message>
    <message>
        <source>mixed in</source>
        <translation>přimíchán</translation>
    </message>
    <message>
        <source>Mixed under the clean sound, as loud as it says</source>
        <translation>Přimíchán pod čistý zvuk, tak hlasitě, jak je uvedeno</translation>
    </message>
    <message>
        <source>Loudness of the camera that is mixed in against the clean sound</source>
        <translation>Hlasitost přimíchané kamery proti čistému zvuku</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>channels</source>
        <translation>kanály</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>jak jsou</translation>
    </message>
    <message>
        <source>As recorded; one-sided and mono sound goes to both</source>
        <translation>Jak bylo nahráno; jednostranný a mono zvuk jde na obě</translation>
    </message>
    <message>
        <source>left</source>
        <translation>levý</translation>
    </message>
    <message>
        <source>The left channel on both sides</source>
        <translation>Levý kanál na obou stranách</translation>
    </message>
    <message>
        <source>right</source>
        <translation>pravý</translation>
    </message>
    <message>
        <source>The right channel on both sides</source>
        <translation>Pravý kanál na obou stranách</translation>
    </message>
    <message>
        <source>mix</source>
        <translation>smíchat</translation>
    </message>
    <message>
        <source>Both channels mixed, on both sides</source>
        <translation>Oba kanály smíchané, na obou stranách</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>prohodit</translation>
    </message>
    <message>
        <source>Left and right exchanged</source>
        <translation>Levý a pravý prohozené</translation>
    </message>
    <message>
        <source>polarity</source>
        <translation>polarita</translation>
    </message>
    <message>
        <source>inverted</source>
        <translation>obrácená</translation>
    </message>
    <message>
        <source>Upside down against what the match found</source>
        <translation>Obráceně proti tomu, co bylo nalezeno</translation>
    </message>
    <message>
        <source>level</source>
        <translation>úroveň</translation>
    </message>
    <message>
        <source>by</source>
        <translation>o</translation>
    </message>
    <message>
        <source>Louder or quieter by so much</source>
        <translation>O tolik hlasitěji nebo tišeji</translation>
    </message>
    <message>
        <source>Gain of the clean sound</source>
        <translation>Zesílení čistého zvuku</translation>
    </message>
    <message>
        <source>to</source>
        <translation>na</translation>
    </message>
    <message>
        <source>To a loudness, measured after EBU R 128</source>
        <translation>Na hlasitost, měřenou podle EBU R 128</translation>
    </message>
    <message>
        <source>Loudness of every take</source>
        <translation>Hlasitost každého záběru</translation>
    </message>
    <message>
        <source>LUFS</source>
        <translation>LUFS</translation>
    </message>
    <message>
        <source>True peaks stay under</source>
        <translation>Skutečné špičky zůstanou pod</translation>
    </message>
    <message>
        <source>dBTP at most</source>
        <translation>dBTP nejvýš</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>srovnat</translation>
    </message>
    <message>
        <source>Every take as loud as the one in the middle, which is measured first</source>
        <translation>Každý záběr stejně hlasitý jako prostřední, který se nejdřív změří</translation>
    </message>
    <message>
        <source>level: alike</source>
        <translation>úroveň: srovnat</translation>
    </message>
    <message>
        <source>gaps</source>
        <translation>mezery</translation>
    </message>
    <message>
        <source>silent</source>
        <translation>ticho</translation>
    </message>
    <message>
        <source>Silence where no recording covers the take</source>
        <translation>Ticho, kde záběr žádná nahrávka nepokrývá</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>kamera</translation>
    </message>
    <message>
        <source>The camera&apos;s sound, as loud as the clean sound, crossfaded</source>
        <translation>Zvuk kamery, stejně hlasitý jako čistý, s prolnutím</translation>
    </message>
    <message>
        <source>trimmed</source>
        <translation>zkrácené</translation>
    </message>
    <message>
        <source>The take keeps only what a recording covers</source>
        <translation>Ze záběru zůstane jen to, co nahrávka pokrývá</translation>
    </message>
    <message>
        <source>claps</source>
        <translation>tlesknutí</translation>
    </message>
    <message>
        <source>heard</source>
        <translation>slyšet</translation>
    </message>
    <message>
        <source>As they were</source>
        <translation>Jak byla</translation>
    </message>
    <message>
        <source>Found and marked claps are silenced; nothing moves</source>
        <translation>Nalezená a označená tlesknutí se umlčí; nic se neposune</translation>
    </message>
    <message>
        <source>−20 dB</source>
        <translation>−20 dB</translation>
    </message>
    <message>
        <source>Found and marked claps are lowered; nothing moves</source>
        <translation>Nalezená a označená tlesknutí se ztlumí; nic se neposune</translation>
    </message>
    <message>
        <source>clocks</source>
        <translation>hodiny</translation>
    </message>
    <message>
        <source>drift corrected</source>
        <translation>drift opraven</translation>
    </message>
    <message>
        <source>The clean sound is resampled to the picture&apos;s clock</source>
        <translation>Čistý zvuk se přepočte na hodiny obrazu</translation>
    </message>
    <message>
        <source>offset only</source>
        <translation>jen posun</translation>
    </message>
    <message>
        <source>The clean sound keeps the recorder&apos;s speed</source>
        <translation>Čistý zvuk si ponechá tempo rekordéru</translation>
    </message>
    <message>
        <source>Length of the fades at edges</source>
        <translation>Délka náběhů na krajích</translation>
    </message>
    <message>
        <source>ms edges</source>
        <translation>ms kraje</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, %2 to %3 %4</source>
        <translation>%1, %2 až %3 %4</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a number from %2 to %3. Nothing was changed.</source>
        <translation>„%1“ není číslo od %2 do %3. Nic se nezměnilo.</translation>
    </message>
    <message>
        <source>Its loudness is being measured.</source>
        <translation>Měří se jeho hlasitost.</translation>
    </message>
    <message>
        <source>It comes to %1 LUFS only: the peaks leave no more room.</source>
        <translation>Dosáhne jen %1 LUFS: špičky víc nedovolí.</translation>
    </message>
    <message>
        <source>Peaks are turned down for some milliseconds.</source>
        <translation>Špičky se na pár milisekund ztiší.</translation>
    </message>
    <message>
        <source>Mixed sounds that are %1 apart colour each other: it may sound hollow.</source>
        <translation>Smíchané zvuky, které jsou %1 od sebe, se navzájem zabarvují: může to znít dutě.</translation>
    </message>
    <message>
        <source>At the end of the take it is %1 out.</source>
        <translation>Na konci záběru je %1 mimo.</translation>
    </message>
    <message>
        <source>This take has a choice of its own. %1</source>
        <translation>Tento záběr má vlastní volbu. %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::SpotChecks</name>
    <message>
        <source>start</source>
        <translation>začátek</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>střed</translation>
    </message>
    <message>
        <source>end</source>
        <translation>konec</translation>
    </message>
</context>
<context>
    <name>brisk::app::SpotLens</name>
    <message>
        <source>unclear</source>
        <translation>nejasné</translation>
    </message>
    <message>
        <source>nothing in common</source>
        <translation>nic společného</translation>
    </message>
    <message>
        <source>Spot check, %1: %2</source>
        <translation>Kontrola, %1: %2</translation>
    </message>
    <message>
        <source>%1 of the take. Click to go there.</source>
        <translation>%1 záběru. Kliknutím tam přejdete.</translation>
    </message>
    <message>
        <source>Nothing sharp begins here in both sounds</source>
        <translation>V obou zvucích tu nezačíná nic ostrého</translation>
    </message>
    <message>
        <source>worst %1</source>
        <translation>nejhorší %1</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>o %1 dál</translation>
    </message>
</context>
<context>
    <name>brisk::app::StagePage</name>
    <message>
        <source>Keys…</source>
        <translation>Klávesy…</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zpět</translation>
    </message>
    <message>
        <source>Back to where you were (Esc)</source>
        <translation>Zpět, kde jste byli (Esc)</translation>
    </message>
</context>
<context>
    <name>brisk::app::TakePanel</name>
    <message>
        <source>find a take</source>
        <translation>najít záběr</translation>
    </message>
    <message>
        <source>Find a take by a part of its name</source>
        <translation>Najít záběr podle části názvu</translation>
    </message>
    <message>
        <source>sort</source>
        <translation>řadit</translation>
    </message>
    <message>
        <source>In which order</source>
        <translation>V jakém pořadí</translation>
    </message>
    <message>
        <source>Takes and recordings</source>
        <translation>Záběry a nahrávky</translation>
    </message>
    <message>
        <source>%1 of %2 takes</source>
        <translation>%1 z %2 záběrů</translation>
    </message>
    <message>
        <source>1 take</source>
        <translation>1 záběr</translation>
    </message>
    <message>
        <source>%1 takes</source>
        <translation>záběry: %1</translation>
    </message>
    <message>
        <source>all %1</source>
        <translation>vše %1</translation>
    </message>
    <message>
        <source>to check %1</source>
        <translation>ke kontrole %1</translation>
    </message>
    <message>
        <source>no place %1</source>
        <translation>bez místa %1</translation>
    </message>
    <message>
        <source>Tether %1 selected</source>
        <translation>Svázat vybrané (%1)</translation>
    </message>
    <message>
        <source>Tether all found (%1)</source>
        <translation>Svázat vše nalezené (%1)</translation>
    </message>
    <message>
        <source>as they were added</source>
        <translation>jak byly přidány</translation>
    </message>
    <message>
        <source>by name</source>
        <translation>podle názvu</translation>
    </message>
    <message>
        <source>by place in the day</source>
        <translation>podle místa ve dni</translation>
    </message>
    <message>
        <source>what is unsure first</source>
        <translation>nejisté nejdřív</translation>
    </message>
</context>
<context>
    <name>brisk::app::TetherCard</name>
    <message>
        <source>a recording</source>
        <translation>nahrávka</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 v %2</translation>
    </message>
    <message>
        <source>, continues on %1</source>
        <translation>, pokračuje na %1</translation>
    </message>
    <message>
        <source>  =  %1</source>
        <translation>  =  %1</translation>
    </message>
    <message>
        <source>No clean sound for %1: %2.</source>
        <translation>Žádný čistý zvuk pro %1: %2.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> a </translation>
    </message>
    <message>
        <source>Moved by hand; the search had said: %1</source>
        <translation>Ručně posunuto; hledání říkalo: %1</translation>
    </message>
    <message>
        <source>The recording is upside down: turned back.</source>
        <translation>Nahrávka je obrácená: otočena zpět.</translation>
    </message>
    <message>
        <source>The take continues %1: treated as one.</source>
        <translation>Záběr navazuje na %1: bere se jako jeden.</translation>
    </message>
    <message>
        <source>The take continues %1: can be treated as one.</source>
        <translation>Záběr navazuje na %1: lze brát jako jeden.</translation>
    </message>
    <message>
        <source>New file: %1</source>
        <translation>Nový soubor: %1</translation>
    </message>
    <message>
        <source>%1 samples into the recording</source>
        <translation>%1 vzorků od začátku nahrávky</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>z %1</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>v %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Picture: %1 × %2, %3, %4.</source>
        <translation>Obraz: %1 × %2, %3, %4.</translation>
    </message>
    <message>
        <source>variable rate</source>
        <translation>proměnná frekvence</translation>
    </message>
    <message>
        <source>Scratch sound: %1 Hz, %2, %3.</source>
        <translation>Zvuk kamery: %1 Hz, %2, %3.</translation>
    </message>
    <message>
        <source>mono</source>
        <translation>mono</translation>
    </message>
    <message>
        <source>stereo</source>
        <translation>stereo</translation>
    </message>
    <message>
        <source>%1 channels</source>
        <translation>kanálů: %1</translation>
    </message>
    <message>
        <source>starts with the picture</source>
        <translation>začíná s obrazem</translation>
    </message>
    <message>
        <source>starts %1 after the picture</source>
        <translation>začíná %1 po obrazu</translation>
    </message>
    <message>
        <source>starts %1 before the picture</source>
        <translation>začíná %1 před obrazem</translation>
    </message>
    <message>
        <source>Length %1.</source>
        <translation>Délka %1.</translation>
    </message>
    <message>
        <source>Add the recorder&apos;s file, to lay this take on it.</source>
        <translation>Přidejte soubor z rekordéru, aby bylo kam tento záběr položit.</translation>
    </message>
    <message>
        <source>Nothing fitted on the recordings.</source>
        <translation>Na nahrávkách nic nesedělo.</translation>
    </message>
    <message>
        <source>Where does it fall on the recordings?</source>
        <translation>Kam na nahrávkách padne?</translation>
    </message>
    <message>
        <source>Make this the tether</source>
        <translation>Udělat z toho vazbu</translation>
    </message>
    <message>
        <source>Tether</source>
        <translation>Svázat</translation>
    </message>
    <message>
        <source>, not listened to</source>
        <translation>, neposlechnuto</translation>
    </message>
    <message>
        <source>recording</source>
        <translation>nahrávka</translation>
    </message>
    <message>
        <source>the first %1</source>
        <translation>prvních %1</translation>
    </message>
    <message>
        <source>the last %1</source>
        <translation>posledních %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::Tray</name>
    <message>
        <source>Tray: four steps</source>
        <translation>Zásuvka: čtyři kroky</translation>
    </message>
</context>
<context>
    <name>brisk::app::Words</name>
    <message>
        <source>%1 frames + %2</source>
        <translation>%1 snímků + %2</translation>
    </message>
</context>
<context>
    <name>brisk::app::WorkQueue</name>
    <message>
        <source> · %1 of %2</source>
        <translation> · %1 z %2</translation>
    </message>
    <message>
        <source> · %1</source>
        <translation> · %1</translation>
    </message>
</context>
</TS>
