<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source>The whole take is kept.</source>
        <translation>Der ganze Take bleibt.</translation>
    </message>
    <message>
        <source>One piece is kept, %1 of %2.</source>
        <translation>Ein Stück bleibt, %1 von %2.</translation>
    </message>
    <message>
        <source>%1 pieces are kept, %2 of %3.</source>
        <translation>%1 Stücke bleiben, %2 von %3.</translation>
    </message>
    <message>
        <source>the camera&apos;s sound</source>
        <translation>der Kameraton</translation>
    </message>
    <message>
        <source>trimmed away</source>
        <translation>weggekürzt</translation>
    </message>
    <message>
        <source>silence</source>
        <translation>Stille</translation>
    </message>
    <message>
        <source>The two clocks run alike.</source>
        <translation>Die beiden Uhren gehen gleich.</translation>
    </message>
    <message>
        <source>fast</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Name of the camera these takes are from:</source>
        <translation>Name der Kamera, von der diese Takes sind:</translation>
    </message>
    <message>
        <source>A repaired copy of %1</source>
        <translation>Eine reparierte Kopie von %1</translation>
    </message>
    <message>
        <source> Read back: %1</source>
        <translation> Zurückgelesen: %1</translation>
    </message>
    <message>
        <source> Read back:</source>
        <translation> Zurückgelesen:</translation>
    </message>
    <message>
        <source>,</source>
        <translation>,</translation>
    </message>
    <message>
        <source> sound within %1 of its tether</source>
        <translation> Ton innerhalb von %1 an seiner Bindung</translation>
    </message>
    <message>
        <source>, every sample as rendered</source>
        <translation>, jedes Sample wie berechnet</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>writing, %1 %</source>
        <translation>wird geschrieben, %1 %</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source>written</source>
        <translation>geschrieben</translation>
    </message>
    <message>
        <source>check failed</source>
        <translation>Prüfung nicht bestanden</translation>
    </message>
    <message>
        <source>cannot be written</source>
        <translation>kann nicht geschrieben werden</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>angehalten</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>it begins with it</source>
        <translation>er beginnt mit ihr</translation>
    </message>
    <message>
        <source>it begins %1 into it</source>
        <translation>er beginnt %1 in ihr</translation>
    </message>
    <message>
        <source>it begins %1 before it</source>
        <translation>er beginnt %1 vor ihr</translation>
    </message>
    <message>
        <source>not searched</source>
        <translation>nicht gesucht</translation>
    </message>
    <message>
        <source>moved: onto another recording than its tether</source>
        <translation>verschoben: auf eine andere Aufnahme als seine Bindung</translation>
    </message>
    <message>
        <source>moved: %1 later than its tether</source>
        <translation>verschoben: %1 später als seine Bindung</translation>
    </message>
    <message>
        <source>moved: %1 earlier than its tether</source>
        <translation>verschoben: %1 früher als seine Bindung</translation>
    </message>
    <message>
        <source>tethered</source>
        <translation>gebunden</translation>
    </message>
    <message>
        <source>found: check it</source>
        <translation>gefunden: prüfen</translation>
    </message>
    <message>
        <source>unsure: moved by hand, listen first</source>
        <translation>unsicher: von Hand verschoben, erst hören</translation>
    </message>
    <message>
        <source>unsure: placed by hand, listen first</source>
        <translation>unsicher: von Hand gelegt, erst hören</translation>
    </message>
    <message>
        <source>unsure: listen first</source>
        <translation>unsicher: erst hören</translation>
    </message>
    <message>
        <source>no place found</source>
        <translation>kein Platz gefunden</translation>
    </message>
    <message>
        <source>Near where it is, 10 s either way</source>
        <translation>In der Nähe, 10 s nach beiden Seiten</translation>
    </message>
    <message>
        <source>Only by the stretch in view</source>
        <translation>Nur nach der sichtbaren Strecke</translation>
    </message>
    <message>
        <source>By the stretch in view, near where it is</source>
        <translation>Nach der sichtbaren Strecke, in der Nähe</translation>
    </message>
    <message>
        <source>By claps alone</source>
        <translation>Nur nach Klatschern</translation>
    </message>
    <message>
        <source>By channel %1 of the camera</source>
        <translation>Nach Kanal %1 der Kamera</translation>
    </message>
    <message>
        <source>By channel %1 of the recording</source>
        <translation>Nach Kanal %1 der Aufnahme</translation>
    </message>
    <message>
        <source>Keep this moment</source>
        <translation>Diesen Moment festhalten</translation>
    </message>
    <message>
        <source>What is it called?</source>
        <translation>Wie heißt er?</translation>
    </message>
    <message>
        <source>before the cut</source>
        <translation>vor dem Schnitt</translation>
    </message>
    <message>
        <source>Keep this moment…</source>
        <translation>Diesen Moment festhalten…</translation>
    </message>
    <message>
        <source>Back to &quot;%1&quot;</source>
        <translation>Zurück zu „%1“</translation>
    </message>
    <message>
        <source>This take as in &quot;%1&quot;</source>
        <translation>Diesen Take wie in „%1“</translation>
    </message>
    <message>
        <source>as it was at first</source>
        <translation>wie es am Anfang war</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Looking</source>
        <translation>Sehen</translation>
    </message>
    <message>
        <source>Where the clean sound lies</source>
        <translation>Wo der saubere Ton liegt</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>What is made of it</source>
        <translation>Was daraus wird</translation>
    </message>
    <message>
        <source>Files in the list</source>
        <translation>Dateien in der Liste</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Export</translation>
    </message>
    <message>
        <source>The shoot</source>
        <translation>Der Shoot</translation>
    </message>
    <message>
        <source>on the seam</source>
        <translation>auf der Naht</translation>
    </message>
    <message>
        <source>in the list</source>
        <translation>in der Liste</translation>
    </message>
    <message>
        <source>on the day map</source>
        <translation>auf der Tageskarte</translation>
    </message>
    <message>
        <source>on the line of spots</source>
        <translation>auf der Linie der Stellen</translation>
    </message>
    <message>
        <source>take files out of the shoot</source>
        <translation>Dateien aus dem Shoot nehmen</translation>
    </message>
    <message>
        <source>the take before, the next</source>
        <translation>der Take davor, der nächste</translation>
    </message>
    <message>
        <source>the spot before, the next</source>
        <translation>die Stelle davor, die nächste</translation>
    </message>
    <message>
        <source>closer, further away</source>
        <translation>näher, weiter weg</translation>
    </message>
    <message>
        <source>to the first frame, the last</source>
        <translation>zum ersten Bild, zum letzten</translation>
    </message>
    <message>
        <source>a tenth of the view</source>
        <translation>ein Zehntel der Ansicht</translation>
    </message>
    <message>
        <source>camera&apos;s sound taller, lower</source>
        <translation>Kameraton höher, niedriger</translation>
    </message>
    <message>
        <source>clean sound taller, lower</source>
        <translation>sauberer Ton höher, niedriger</translation>
    </message>
    <message>
        <source>take the chosen mark away</source>
        <translation>die gewählte Marke wegnehmen</translation>
    </message>
    <message>
        <source>mono</source>
        <translation>mono</translation>
    </message>
    <message>
        <source>stereo</source>
        <translation>Stereo</translation>
    </message>
    <message>
        <source>%1 channels</source>
        <translation>%1 Kanäle</translation>
    </message>
    <message>
        <source>%1 Hz, %2, length %3.</source>
        <translation>%1 Hz, %2, Länge %3.</translation>
    </message>
    <message>
        <source>It begins at %1 by its time stamp.</source>
        <translation>Sie beginnt nach ihrem Zeitstempel um %1.</translation>
    </message>
    <message>
        <source>No take lies on it yet.</source>
        <translation>Noch liegt kein Take darauf.</translation>
    </message>
    <message>
        <source>1 take lies on it.</source>
        <translation>1 Take liegt darauf.</translation>
    </message>
    <message>
        <source>%1 takes lie on it.</source>
        <translation>%1 Takes liegen darauf.</translation>
    </message>
    <message>
        <source>Claps found: %1. Marks: %2.</source>
        <translation>Gefundene Klatscher: %1. Marken: %2.</translation>
    </message>
    <message>
        <source>scene %1</source>
        <translation>Szene %1</translation>
    </message>
    <message>
        <source>take %1</source>
        <translation>Take %1</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>not good</source>
        <translation>nicht gut</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Automatic: the channel that is worth most</source>
        <translation>Automatisch: der Kanal, der am meisten taugt</translation>
    </message>
    <message>
        <source>The mean of all channels</source>
        <translation>Das Mittel aller Kanäle</translation>
    </message>
    <message>
        <source>Channel %1</source>
        <translation>Kanal %1</translation>
    </message>
    <message>
        <source>%1 s left</source>
        <translation>noch %1 s</translation>
    </message>
    <message>
        <source>%1 min left</source>
        <translation>noch %1 min</translation>
    </message>
    <message>
        <source>%1 h %2 min left</source>
        <translation>noch %1 h %2 min</translation>
    </message>
    <message>
        <source>%1 ppm %2</source>
        <translation>%1 ppm %2</translation>
    </message>
    <message>
        <source>The recorder runs %1 at first and %2 at last: taken out.</source>
        <translation>Der Rekorder geht anfangs %1 und zuletzt %2: ausgeglichen.</translation>
    </message>
    <message>
        <source>The recorder runs %1, %2 ms a minute: taken out.</source>
        <translation>Der Rekorder geht %1, %2 ms in der Minute: ausgeglichen.</translation>
    </message>
    <message>
        <source>jumps: listen there</source>
        <translation>springt: dort hinhören</translation>
    </message>
    <message>
        <source>being searched</source>
        <translation>wird gesucht</translation>
    </message>
</context>
<context>
    <name>brisk</name>
    <message>
        <source>{agreeing} of {used} spots agree within {within_ms:fixed1} ms</source>
        <translation>{agreeing} von {used} Stellen stimmen auf {within_ms:fixed1} ms überein</translation>
    </message>
    <message numerus="yes">
        <source>{agreeing} of {claps} claps agree</source>
        <translation>
            <numerusform>{agreeing} von {claps} Klatscher stimmt überein</numerusform>
            <numerusform>{agreeing} von {claps} Klatschern stimmen überein</numerusform>
        </translation>
    </message>
    <message>
        <source>no other place comes near</source>
        <translation>keine andere Stelle kommt in die Nähe</translation>
    </message>
    <message>
        <source>the next best place is {weaker_db:fixed0} dB weaker</source>
        <translation>die nächstbeste Stelle ist {weaker_db:fixed0} dB schwächer</translation>
    </message>
    <message>
        <source>{agreement}; {rival}.</source>
        <translation>{agreement}; {rival}.</translation>
    </message>
    <message>
        <source>The same sound fits in more than one place: {agreement}; {rival}. Listen, or mark a clap.</source>
        <translation>Derselbe Ton passt an mehrere Stellen: {agreement}; {rival}. Hören Sie hin, oder markieren Sie einen Klatscher.</translation>
    </message>
    <message>
        <source>The evidence is thin: {agreement}; {rival}. Listen before you trust it.</source>
        <translation>Die Belege sind dünn: {agreement}; {rival}. Hören Sie hin, bevor Sie darauf vertrauen.</translation>
    </message>
    <message>
        <source>The claps fit in more than one place: {agreement}. Listen to each.</source>
        <translation>Die Klatscher passen an mehrere Stellen: {agreement}. Hören Sie jede an.</translation>
    </message>
    <message>
        <source>The evidence is thin: {agreement}. Listen before you trust it.</source>
        <translation>Die Belege sind dünn: {agreement}. Hören Sie hin, bevor Sie darauf vertrauen.</translation>
    </message>
    <message>
        <source>{agreement}, but the other sound in the take does not decide. Listen to it.</source>
        <translation>{agreement}, aber der übrige Ton im Take entscheidet nicht. Hören Sie hin.</translation>
    </message>
    <message>
        <source>The claps of the two do not agree anywhere.</source>
        <translation>Die Klatscher der beiden stimmen nirgends überein.</translation>
    </message>
    <message>
        <source>No claps are heard in the take.</source>
        <translation>Im Take sind keine Klatscher zu hören.</translation>
    </message>
    <message>
        <source>No claps are heard in the recording.</source>
        <translation>In der Aufnahme sind keine Klatscher zu hören.</translation>
    </message>
    <message>
        <source>Nothing is heard around the claps.</source>
        <translation>Um die Klatscher herum ist nichts zu hören.</translation>
    </message>
    <message>
        <source>This one is where the time stamps have it.</source>
        <translation>Das ist die Stelle, die die Zeitstempel nennen.</translation>
    </message>
    <message>
        <source>No place where the two sounds agree at all.</source>
        <translation>Es gibt keine Stelle, an der die beiden Töne übereinstimmen.</translation>
    </message>
    <message>
        <source>Nothing here comes near what the take is matched with elsewhere.</source>
        <translation>Nichts hier kommt dem nahe, womit der Take anderswo übereinstimmt.</translation>
    </message>
    <message>
        <source>The two sounds share too little to compare.</source>
        <translation>Die beiden Töne haben zu wenig gemeinsam, um sie zu vergleichen.</translation>
    </message>
    <message>
        <source>Little more than a second of sound: too little to tell.</source>
        <translation>Kaum mehr als eine Sekunde Ton: zu wenig, um etwas zu sagen.</translation>
    </message>
    <message>
        <source>Nothing is heard in one of the two sounds.</source>
        <translation>In einem der beiden Töne ist nichts zu hören.</translation>
    </message>
    <message>
        <source>timecode {timecode} and time reference {reference:clock2}</source>
        <translation>Timecode {timecode} und Zeitreferenz {reference:clock2}</translation>
    </message>
    <message>
        <source>both time references</source>
        <translation>beide Zeitreferenzen</translation>
    </message>
    <message>
        <source>both creation times</source>
        <translation>beide Erstellungszeiten</translation>
    </message>
    <message>
        <source>The two files carry no time stamps that can be compared.</source>
        <translation>Die beiden Dateien tragen keine Zeitstempel, die sich vergleichen lassen.</translation>
    </message>
    <message>
        <source>By {stamps}, and the sound agrees: {agreement}</source>
        <translation>Nach {stamps}, und der Ton stimmt zu: {agreement}</translation>
    </message>
    <message>
        <source>By {stamps} the two were not running at the same time.</source>
        <translation>Nach {stamps} liefen die beiden nicht zur selben Zeit.</translation>
    </message>
    <message>
        <source>The {stamps} put it here, but the sound fits elsewhere beyond doubt; were the clocks set?</source>
        <translation>Nach {stamps} gehört es hierher, aber der Ton passt zweifelsfrei woandershin; waren die Uhren gestellt?</translation>
    </message>
    <message>
        <source>Placed by {stamps} alone, to a picture frame at best; the sound does not decide. Listen to it.</source>
        <translation>Nur nach {stamps} gelegt, bestenfalls auf ein Bild genau; der Ton entscheidet nicht. Hören Sie hin.</translation>
    </message>
    <message>
        <source>It fits {other} as well as {recording}, and one recorder made both at different times.</source>
        <translation>Er passt auf {other} so gut wie auf {recording}, und ein Rekorder hat beide zu verschiedenen Zeiten gemacht.</translation>
    </message>
    <message>
        <source>It goes on from {recording} to the sample, by their time stamps.</source>
        <translation>Er setzt {recording} auf das Sample genau fort, nach ihren Zeitstempeln.</translation>
    </message>
    <message>
        <source>It and {recording} continue each other: one clock.</source>
        <translation>Er und {recording} setzen einander fort: eine Uhr.</translation>
    </message>
    <message>
        <source>Its drift is that of longer takes of its camera: {drift_ppm:fixed1} ppm.</source>
        <translation>Seine Drift ist die längerer Takes seiner Kamera: {drift_ppm:fixed1} ppm.</translation>
    </message>
    <message>
        <source>It claims the same stretch as {take}, and one camera cannot have shot both.</source>
        <translation>Er beansprucht dieselbe Strecke wie {take}, und eine Kamera kann nicht beide gedreht haben.</translation>
    </message>
    <message>
        <source>The camera counted it after {take}, and here it lies the other way round.</source>
        <translation>Die Kamera hat ihn nach {take} gezählt, hier liegt er umgekehrt.</translation>
    </message>
    <message>
        <source>The camera counted it before {take}, and here it lies the other way round.</source>
        <translation>Die Kamera hat ihn vor {take} gezählt, hier liegt er umgekehrt.</translation>
    </message>
    <message>
        <source>It lies between {before} and {after}, as the camera counted them.</source>
        <translation>Er liegt zwischen {before} und {after}, wie die Kamera sie gezählt hat.</translation>
    </message>
    <message>
        <source>It goes on from {take} and has its place.</source>
        <translation>Er setzt {take} fort und hat dessen Platz.</translation>
    </message>
    <message>
        <source>{take} goes on from it, and it has that one&apos;s place.</source>
        <translation>{take} setzt ihn fort, und er hat dessen Platz.</translation>
    </message>
    <message>
        <source>{copy} is not the same sound as {recording}: {why}</source>
        <translation>{copy} ist nicht derselbe Ton wie {recording}: {why}</translation>
    </message>
    <message>
        <source>{copy} is {recording} with something cut out or put in, so that not all tethers can be kept. {why}</source>
        <translation>{copy} ist {recording}, aber etwas wurde herausgeschnitten oder eingefügt, so dass nicht alle Bindungen bleiben können. {why}</translation>
    </message>
    <message>
        <source>it runs on another clock ({drift_ppm:fixed1} ppm), as another recorder does. Add it as a recording of its own.</source>
        <translation>sie läuft nach einer anderen Uhr ({drift_ppm:fixed1} ppm), wie ein anderer Rekorder. Fügen Sie sie als eigene Aufnahme hinzu.</translation>
    </message>
    <message>
        <source>it was heard by another microphone. Add it as a recording of its own.</source>
        <translation>sie wurde von einem anderen Mikrofon gehört. Fügen Sie sie als eigene Aufnahme hinzu.</translation>
    </message>
    <message>
        <source>Nothing was compared yet.</source>
        <translation>Noch wurde nichts verglichen.</translation>
    </message>
    <message>
        <source>No spot shows common sound by itself: nothing here speaks for this place.</source>
        <translation>Nirgends ist gemeinsamer Ton für sich zu hören: nichts hier spricht für diese Stelle.</translation>
    </message>
    <message>
        <source>Common sound in only {heard} of {asked} places: too little to say.</source>
        <translation>Gemeinsamer Ton nur an {heard} von {asked} Stellen: zu wenig, um etwas zu sagen.</translation>
    </message>
    <message>
        <source>The distance jumps by {by:slip} at {at:clock0}: the recorder lost or repeated sound there.</source>
        <translation>Der Abstand springt bei {at:clock0} um {by:slip}: der Rekorder hat dort Ton verloren oder wiederholt.</translation>
    </message>
    <message>
        <source>{jumps} jumps in all.</source>
        <translation>{jumps} Sprünge insgesamt.</translation>
    </message>
    <message>
        <source>{agreeing} of {heard} places agree on one line, the others do not: look where the distance jumps.</source>
        <translation>{agreeing} von {heard} Stellen liegen auf einer Linie, die übrigen nicht: sehen Sie nach, wo der Abstand springt.</translation>
    </message>
    <message>
        <source>In place from first to last: never more than {worst:slip} apart, worst at {at:clock0}.</source>
        <translation>Vom Anfang bis zum Ende am Platz: nie mehr als {worst:slip} auseinander, am meisten bei {at:clock0}.</translation>
    </message>
    <message>
        <source>The clocks run apart: {start:slip} at the start, {end:slip} at the end.</source>
        <translation>Die Uhren laufen auseinander: {start:slip} am Anfang, {end:slip} am Ende.</translation>
    </message>
    <message>
        <source>Apart by {worst:slip} all along: {heard_as}.</source>
        <translation>Durchgehend {worst:slip} auseinander: {heard_as}.</translation>
    </message>
    <message numerus="yes">
        <source>{off} places lie off the line.</source>
        <translation>
            <numerusform>{off} Stelle liegt neben der Linie.</numerusform>
            <numerusform>{off} Stellen liegen neben der Linie.</numerusform>
        </translation>
    </message>
    <message>
        <source>together</source>
        <translation>zusammen</translation>
    </message>
    <message>
        <source>both together sound hollow</source>
        <translation>zusammen klingen beide hohl</translation>
    </message>
    <message>
        <source>heard as an echo</source>
        <translation>als Echo zu hören</translation>
    </message>
    <message>
        <source>lips look wrong</source>
        <translation>die Lippen sehen falsch aus</translation>
    </message>
    <message>
        <source>no common sound here</source>
        <translation>hier kein gemeinsamer Ton</translation>
    </message>
    <message>
        <source>{slip:slip}: together</source>
        <translation>{slip:slip}: zusammen</translation>
    </message>
    <message>
        <source>{slip:slip}: hollow</source>
        <translation>{slip:slip}: hohl</translation>
    </message>
    <message>
        <source>{slip:slip}: echo</source>
        <translation>{slip:slip}: Echo</translation>
    </message>
    <message>
        <source>{slip:slip}: apart</source>
        <translation>{slip:slip}: auseinander</translation>
    </message>
    <message>
        <source>The recording has {what}.</source>
        <translation>Die Aufnahme hat {what}.</translation>
    </message>
    <message>
        <source>The camera has {what}.</source>
        <translation>Die Kamera hat {what}.</translation>
    </message>
    <message>
        <source>But the camera has {what}.</source>
        <translation>Aber die Kamera hat {what}.</translation>
    </message>
    <message>
        <source>{noise_db:fixed0} dB less noise</source>
        <translation>{noise_db:fixed0} dB weniger Rauschen</translation>
    </message>
    <message>
        <source>{echo_db:fixed0} dB less echo</source>
        <translation>{echo_db:fixed0} dB weniger Hall</translation>
    </message>
    <message>
        <source>{noise_db:fixed0} dB less noise and {echo_db:fixed0} dB less echo</source>
        <translation>{noise_db:fixed0} dB weniger Rauschen und {echo_db:fixed0} dB weniger Hall</translation>
    </message>
    <message>
        <source>Both sounds are about alike.</source>
        <translation>Beide Töne sind etwa gleich gut.</translation>
    </message>
    <message>
        <source>The recording is clipped in {samples} samples.</source>
        <translation>Die Aufnahme ist in {samples} Samples übersteuert.</translation>
    </message>
    <message>
        <source>The camera&apos;s sound is clipped.</source>
        <translation>Der Kameraton ist übersteuert.</translation>
    </message>
    <message>
        <source>The recording is on one side only.</source>
        <translation>Die Aufnahme ist nur auf einer Seite.</translation>
    </message>
    <message>
        <source>{packets} damaged pieces of sound could not be read; the rest is used, in its place.</source>
        <translation>{packets} beschädigte Tonstücke konnten nicht gelesen werden; der Rest wird an seinem Platz verwendet.</translation>
    </message>
    <message>
        <source>Holes in the time stamps, {seconds:clock3} in all, are kept as silence.</source>
        <translation>Lücken in den Zeitstempeln, insgesamt {seconds:clock3}, bleiben als Stille erhalten.</translation>
    </message>
    <message>
        <source>One-sided: only channel {channel} of {channels} carries sound.</source>
        <translation>Einseitig: nur Kanal {channel} von {channels} trägt Ton.</translation>
    </message>
    <message>
        <source>Too hot: {samples} samples are clipped.</source>
        <translation>Zu laut ausgesteuert: {samples} Samples sind übersteuert.</translation>
    </message>
    <message>
        <source>The header was never completed (the recorder lost power?); all {present:clock0} of sound that follow it are used.</source>
        <translation>Der Dateikopf wurde nie vollendet (hat der Rekorder den Strom verloren?); alle {present:clock0} Ton, die ihm folgen, werden verwendet.</translation>
    </message>
    <message>
        <source>Cut short: the header promises {promised:clock0} of sound, the file ends after {present:clock0}. What is there is used; copy the file again if the card still has it.</source>
        <translation>Abgeschnitten: der Kopf verspricht {promised:clock0} Ton, die Datei endet nach {present:clock0}. Was da ist, wird verwendet; kopieren Sie die Datei noch einmal, wenn die Karte sie noch hat.</translation>
    </message>
    <message>
        <source>It holds {tracks} sound tracks; only the first is used.</source>
        <translation>Sie enthält {tracks} Tonspuren; nur die erste wird verwendet.</translation>
    </message>
    <message>
        <source>It holds {tracks} sound tracks; they are read side by side, as {channels} channels.</source>
        <translation>Sie enthält {tracks} Tonspuren; sie werden nebeneinander gelesen, als {channels} Kanäle.</translation>
    </message>
    <message>
        <source>It holds {tracks} sound tracks; {read} of them are read side by side, as {channels} channels.</source>
        <translation>Sie enthält {tracks} Tonspuren; {read} davon werden nebeneinander gelesen, als {channels} Kanäle.</translation>
    </message>
    <message>
        <source>The camera hears the hands {by:slip} late: about {metres:length} away (a picture frame leaves {doubt_metres:length} either way).</source>
        <translation>Die Kamera hört die Hände {by:slip} später: etwa {metres:length} entfernt (ein Bild lässt {doubt_metres:length} Spiel).</translation>
    </message>
    <message>
        <source>The camera heard this clap {by:slip} before that picture: another clap, or another frame.</source>
        <translation>Die Kamera hat diesen Klatscher {by:slip} vor diesem Bild gehört: ein anderer Klatscher oder ein anderes Bild.</translation>
    </message>
    <message>
        <source>{metres:length} between hands and camera is hard to believe: another clap, or another frame.</source>
        <translation>{metres:length} zwischen Händen und Kamera sind kaum zu glauben: ein anderer Klatscher oder ein anderes Bild.</translation>
    </message>
    <message>
        <source>Over {metres:length} the sound needs {by:slip}: the clean sound comes that much earlier.</source>
        <translation>Für {metres:length} braucht der Schall {by:slip}: um so viel früher kommt der saubere Ton.</translation>
    </message>
    <message>
        <source>{metres:length} between subject and camera is hard to believe.</source>
        <translation>{metres:length} zwischen Motiv und Kamera sind kaum zu glauben.</translation>
    </message>
    <message>
        <source>{file} was not found where it was. Everything known of it is kept; put the file back, or drop the folder it is in now.</source>
        <translation>{file} war nicht mehr, wo sie war. Alles, was über sie bekannt ist, bleibt; legen Sie die Datei zurück, oder ziehen Sie den Ordner herein, in dem sie jetzt liegt.</translation>
    </message>
    <message>
        <source>{file} has changed since the shoot was saved. Its tether is kept as it was; find matches again to be sure.</source>
        <translation>{file} hat sich geändert, seit der Shoot gespeichert wurde. Die Bindung bleibt, wie sie war; suchen Sie noch einmal, um sicher zu sein.</translation>
    </message>
    <message>
        <source>{file} does not hold what its own history leads to; it was changed elsewhere. What it holds counts; the steps before cannot be undone.</source>
        <translation>{file} enthält nicht, wozu ihr eigener Verlauf führt; sie wurde anderswo geändert. Es gilt, was sie enthält; die Schritte davor lassen sich nicht zurücknehmen.</translation>
    </message>
    <message>
        <source>{file} speaks of files that it does not hold. What was on them is left out; one undo brings it back.</source>
        <translation>{file} spricht von Dateien, die sie nicht enthält. Was auf ihnen lag, ist weggelassen; ein Rückgängig bringt es zurück.</translation>
    </message>
    <message>
        <source>It has no place yet: find matches, or place it by hand.</source>
        <translation>Er hat noch keinen Platz: suchen Sie, oder legen Sie ihn von Hand.</translation>
    </message>
    <message>
        <source>It is tethered already.</source>
        <translation>Er ist schon gebunden.</translation>
    </message>
    <message>
        <source>It is not tethered.</source>
        <translation>Er ist nicht gebunden.</translation>
    </message>
    <message>
        <source>It is where its tether has it, or has none.</source>
        <translation>Er ist, wo ihn seine Bindung hat, oder er hat keine.</translation>
    </message>
    <message>
        <source>It is tethered: untether it first.</source>
        <translation>Er ist gebunden: lösen Sie ihn zuerst.</translation>
    </message>
    <message>
        <source>It is where it was found.</source>
        <translation>Er ist, wo er gefunden wurde.</translation>
    </message>
    <message>
        <source>It has a place.</source>
        <translation>Er hat einen Platz.</translation>
    </message>
    <message>
        <source>Its file is still being read.</source>
        <translation>Seine Datei wird noch gelesen.</translation>
    </message>
    <message>
        <source>Add the recorder&apos;s file first.</source>
        <translation>Fügen Sie zuerst die Datei des Rekorders hinzu.</translation>
    </message>
    <message>
        <source>There is nothing to undo.</source>
        <translation>Es gibt nichts rückgängig zu machen.</translation>
    </message>
    <message>
        <source>There is nothing to do again.</source>
        <translation>Es gibt nichts zu wiederholen.</translation>
    </message>
    <message>
        <source>Add files first.</source>
        <translation>Fügen Sie zuerst Dateien hinzu.</translation>
    </message>
    <message>
        <source>There are files in the shoot already.</source>
        <translation>Im Shoot sind schon Dateien.</translation>
    </message>
    <message>
        <source>Every selected file could be read.</source>
        <translation>Jede ausgewählte Datei konnte gelesen werden.</translation>
    </message>
    <message>
        <source>Nothing is selected in the list.</source>
        <translation>In der Liste ist nichts ausgewählt.</translation>
    </message>
    <message>
        <source>No take is selected in the list.</source>
        <translation>In der Liste ist kein Take ausgewählt.</translation>
    </message>
    <message>
        <source>The selected files are not the parts of one take.</source>
        <translation>Die ausgewählten Dateien sind nicht Teile eines Takes.</translation>
    </message>
    <message>
        <source>It is a take of its own.</source>
        <translation>Er ist ein Take für sich.</translation>
    </message>
    <message>
        <source>Select one file.</source>
        <translation>Wählen Sie eine Datei aus.</translation>
    </message>
    <message>
        <source>It is no recording with a picture.</source>
        <translation>Es ist keine Aufnahme mit Bild.</translation>
    </message>
    <message>
        <source>Select one recording.</source>
        <translation>Wählen Sie eine Aufnahme aus.</translation>
    </message>
    <message>
        <source>There is nothing to write.</source>
        <translation>Es gibt nichts zu schreiben.</translation>
    </message>
    <message>
        <source>The files were written, or are being written.</source>
        <translation>Die Dateien sind geschrieben oder werden geschrieben.</translation>
    </message>
    <message>
        <source>Nothing failed or was stopped.</source>
        <translation>Nichts ist fehlgeschlagen oder wurde angehalten.</translation>
    </message>
    <message>
        <source>Nothing was written yet.</source>
        <translation>Noch wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>Files are being written.</source>
        <translation>Dateien werden geschrieben.</translation>
    </message>
    <message>
        <source>Nothing is running.</source>
        <translation>Es läuft nichts.</translation>
    </message>
    <message>
        <source>No take is unsure.</source>
        <translation>Kein Take ist unsicher.</translation>
    </message>
    <message>
        <source>No take in the list waits for its tether.</source>
        <translation>Kein Take in der Liste wartet auf seine Bindung.</translation>
    </message>
    <message>
        <source>No take is on the bench.</source>
        <translation>Auf der Werkbank liegt kein Take.</translation>
    </message>
    <message>
        <source>No other place came near.</source>
        <translation>Keine andere Stelle kam in die Nähe.</translation>
    </message>
    <message>
        <source>There are no marks yet.</source>
        <translation>Es gibt noch keine Marken.</translation>
    </message>
    <message>
        <source>No claps were found.</source>
        <translation>Es wurden keine Klatscher gefunden.</translation>
    </message>
    <message>
        <source>{where}{more:run}</source>
        <translation>{where}{more:run}</translation>
    </message>
    <message>
        <source>; drift measured</source>
        <translation>; Drift gemessen</translation>
    </message>
    <message>
        <source>; {ways} other ways fit as well: N tries them</source>
        <translation>; {ways} andere Weisen passen ebenso gut: N probiert sie</translation>
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
        <translation> und {item}</translation>
    </message>
    <message>
        <source>all channels mixed, on both sides</source>
        <translation>alle Kanäle gemischt, auf beiden Seiten</translation>
    </message>
    <message>
        <source>all {channels} channels mixed</source>
        <translation>alle {channels} Kanäle gemischt</translation>
    </message>
    <message>
        <source>channel {channels:run} on both sides</source>
        <translation>Kanal {channels:run} auf beiden Seiten</translation>
    </message>
    <message>
        <source>channels {channels:run} mixed, on both sides</source>
        <translation>Kanäle {channels:run} gemischt, auf beiden Seiten</translation>
    </message>
    <message>
        <source>channels {channels:run} as stereo</source>
        <translation>Kanäle {channels:run} als Stereo</translation>
    </message>
    <message>
        <source>one-sided: channel {channel} on both sides</source>
        <translation>einseitig: Kanal {channel} auf beiden Seiten</translation>
    </message>
    <message>
        <source>mono, in both channels</source>
        <translation>mono, in beiden Kanälen</translation>
    </message>
    <message>
        <source>stereo</source>
        <translation>Stereo</translation>
    </message>
    <message>
        <source>stereo, sides swapped</source>
        <translation>Stereo, Seiten vertauscht</translation>
    </message>
    <message>
        <source>; peaks may go over full scale: that is measured first, and the whole take is turned down where they do</source>
        <translation>; Spitzen gehen vielleicht über Vollaussteuerung: das wird zuerst gemessen, und wo es so ist, wird der ganze Take leiser gemacht</translation>
    </message>
    <message>
        <source>; peaks may go over full scale: that is measured first, and they are limited where they do</source>
        <translation>; Spitzen gehen vielleicht über Vollaussteuerung: das wird zuerst gemessen, und wo es so ist, werden sie begrenzt</translation>
    </message>
    <message>
        <source>; peaks may go over full scale: that is measured first, and they are CUT where they do, as chosen</source>
        <translation>; Spitzen gehen vielleicht über Vollaussteuerung: das wird zuerst gemessen, und wo es so ist, werden sie ABGESCHNITTEN, wie gewählt</translation>
    </message>
    <message>
        <source>; peaks {over_db:fixed1} dB over full scale are kept</source>
        <translation>; Spitzen {over_db:fixed1} dB über Vollaussteuerung bleiben erhalten</translation>
    </message>
    <message>
        <source>; peaks would go {over_db:fixed1} dB over full scale, so the whole take is turned down by {by_db:fixed1} dB</source>
        <translation>; Spitzen gingen {over_db:fixed1} dB über Vollaussteuerung, darum wird der ganze Take um {by_db:fixed1} dB leiser gemacht</translation>
    </message>
    <message>
        <source>; peaks would go {over_db:fixed1} dB over full scale, and are limited to {dbtp:fixed1} dBTP</source>
        <translation>; Spitzen gingen {over_db:fixed1} dB über Vollaussteuerung und werden auf {dbtp:fixed1} dBTP begrenzt</translation>
    </message>
    <message>
        <source>; peaks go {over_db:fixed1} dB over full scale and are CUT there, as chosen</source>
        <translation>; Spitzen gehen {over_db:fixed1} dB über Vollaussteuerung und werden dort ABGESCHNITTEN, wie gewählt</translation>
    </message>
    <message numerus="yes">
        <source>Of the {track} {samples:grouped} samples were cut at full scale.</source>
        <translation>
            <numerusform>{track}: {samples:grouped} Sample wurde an der Vollaussteuerung abgeschnitten.</numerusform>
            <numerusform>{track}: {samples:grouped} Samples wurden an der Vollaussteuerung abgeschnitten.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Of the {track} {samples:grouped} samples were cut at full scale, as chosen.</source>
        <translation>
            <numerusform>{track}: {samples:grouped} Sample wurde wie gewählt an der Vollaussteuerung abgeschnitten.</numerusform>
            <numerusform>{track}: {samples:grouped} Samples wurden wie gewählt an der Vollaussteuerung abgeschnitten.</numerusform>
        </translation>
    </message>
    <message>
        <source>{range}{picture}; track 1 {sound}.</source>
        <translation>{range}{picture}; Spur 1 {sound}.</translation>
    </message>
    <message>
        <source>clean sound, {channels}, {codec}, 48 kHz{rest:run}</source>
        <translation>sauberer Ton, {channels}, {codec}, 48 kHz{rest:run}</translation>
    </message>
    <message>
        <source>{pieces} pieces of the take, each a file. </source>
        <translation>{pieces} Stücke des Takes, jedes eine Datei. </translation>
    </message>
    <message>
        <source>From {start:clock1} to {end:clock1} of the take. </source>
        <translation>Von {start:clock1} bis {end:clock1} des Takes. </translation>
    </message>
    <message>
        <source>Picture untouched</source>
        <translation>Bild unberührt</translation>
    </message>
    <message>
        <source>Picture untouched, from the key frame {lead:fixed2} s before the cut on</source>
        <translation>Bild unberührt, ab dem Schlüsselbild {lead:fixed2} s vor dem Schnitt</translation>
    </message>
    <message>
        <source>Picture re-encoded ({codec}, hardly to be told from the take&apos;s; slow){why}</source>
        <translation>Bild neu kodiert ({codec}, vom Take kaum zu unterscheiden; langsam){why}</translation>
    </message>
    <message>
        <source> because {container} cannot begin between key frames</source>
        <translation>, weil {container} nicht zwischen Schlüsselbildern beginnen kann</translation>
    </message>
    <message>
        <source>, brought to {lufs:fixed1} LUFS with peaks under {dbtp:fixed1} dBTP</source>
        <translation>, auf {lufs:fixed1} LUFS gebracht, mit Spitzen unter {dbtp:fixed1} dBTP</translation>
    </message>
    <message>
        <source>, {db:fixed1} dB louder</source>
        <translation>, {db:fixed1} dB lauter</translation>
    </message>
    <message>
        <source>, {db:fixed1} dB quieter</source>
        <translation>, {db:fixed1} dB leiser</translation>
    </message>
    <message>
        <source>, camera sound mixed in, {db:fixed1} dB louder</source>
        <translation>, Kameraton beigemischt, {db:fixed1} dB lauter</translation>
    </message>
    <message>
        <source>, camera sound mixed in, {db:fixed1} dB quieter</source>
        <translation>, Kameraton beigemischt, {db:fixed1} dB leiser</translation>
    </message>
    <message>
        <source>clean sound</source>
        <translation>sauberer Ton</translation>
    </message>
    <message>
        <source>camera sound</source>
        <translation>Kameraton</translation>
    </message>
    <message>
        <source>track {number} {what}</source>
        <translation>Spur {number} {what}</translation>
    </message>
    <message>
        <source>; {tracks:run}, which does not play by itself</source>
        <translation>; {tracks:run}, die nicht von selbst spielt</translation>
    </message>
    <message>
        <source>; {tracks:run}, which do not play by themselves</source>
        <translation>; {tracks:run}, die nicht von selbst spielen</translation>
    </message>
    <message>
        <source>; camera sound not included</source>
        <translation>; Kameraton nicht enthalten</translation>
    </message>
    <message>
        <source>; camera sound where the recording does not reach</source>
        <translation>; Kameraton, wo die Aufnahme nicht hinreicht</translation>
    </message>
    <message>
        <source>; silence where the recording does not reach</source>
        <translation>; Stille, wo die Aufnahme nicht hinreicht</translation>
    </message>
    <message numerus="yes">
        <source>; the recording is clipped in {places} places</source>
        <translation>
            <numerusform>; die Aufnahme ist an {places} Stelle übersteuert</numerusform>
            <numerusform>; die Aufnahme ist an {places} Stellen übersteuert</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; {claps} claps quiet</source>
        <translation>
            <numerusform>; {claps} Klatscher leise</numerusform>
            <numerusform>; {claps} Klatscher leise</numerusform>
        </translation>
    </message>
    <message>
        <source>; drift not corrected</source>
        <translation>; Drift nicht ausgeglichen</translation>
    </message>
    <message>
        <source>; that players turn the picture by {degrees} degrees is left out</source>
        <translation>; dass Abspielprogramme das Bild um {degrees} Grad drehen, fällt weg</translation>
    </message>
    <message>
        <source>; {stream} left out</source>
        <translation>; {stream} fällt weg</translation>
    </message>
    <message>
        <source>subtitles ({codec})</source>
        <translation>Untertitel ({codec})</translation>
    </message>
    <message>
        <source>a {kind} track ({codec})</source>
        <translation>eine Spur der Art {kind} ({codec})</translation>
    </message>
    <message>
        <source>a {kind} track of an unknown kind</source>
        <translation>eine Spur der Art {kind} in unbekanntem Format</translation>
    </message>
    <message>
        <source>As long as the take{lead}, on the picture&apos;s clock: {track}, {channels}, {format}{rest:run}.</source>
        <translation>So lang wie der Take{lead}, nach der Uhr des Bildes: {track}, {channels}, {format}{rest:run}.</translation>
    </message>
    <message>
        <source>As long as the piece from {start:clock1} to {end:clock1} of the take{lead}, on the picture&apos;s clock: {track}, {channels}, {format}{rest:run}.</source>
        <translation>So lang wie das Stück von {start:clock1} bis {end:clock1} des Takes{lead}, nach der Uhr des Bildes: {track}, {channels}, {format}{rest:run}.</translation>
    </message>
    <message>
        <source>, and what its video shows before</source>
        <translation>, und was sein Video davor zeigt</translation>
    </message>
    <message>
        <source>FLAC, 24-bit, 48 kHz</source>
        <translation>FLAC, 24 Bit, 48 kHz</translation>
    </message>
    <message>
        <source>broadcast WAV, 24-bit, 48 kHz</source>
        <translation>Broadcast-WAV, 24 Bit, 48 kHz</translation>
    </message>
    <message>
        <source>broadcast WAV, 32-bit float, 48 kHz</source>
        <translation>Broadcast-WAV, 32 Bit Gleitkomma, 48 kHz</translation>
    </message>
    <message>
        <source>Nobody has confirmed its place yet.</source>
        <translation>Niemand hat seinen Platz bisher bestätigt.</translation>
    </message>
    <message>
        <source>Its place is not sure: listen first.</source>
        <translation>Sein Platz ist nicht sicher: hören Sie zuerst hin.</translation>
    </message>
    <message>
        <source>It is away from its tether.</source>
        <translation>Er liegt abseits seiner Bindung.</translation>
    </message>
    <message>
        <source>Every take where it was on the day, its clean sound under it{where}.</source>
        <translation>Jeder Take, wo er am Tag war, mit seinem sauberen Ton darunter{where}.</translation>
    </message>
    <message>
        <source>The first camera&apos;s takes and their sound, in whole frames{where}.</source>
        <translation>Die Takes der ersten Kamera und ihr Ton, in ganzen Bildern{where}.</translation>
    </message>
    <message>
        <source>; points at the takes and recordings as they are</source>
        <translation>; verweist auf die Takes und Aufnahmen, wie sie sind</translation>
    </message>
    <message>
        <source>; points at the new files</source>
        <translation>; verweist auf die neuen Dateien</translation>
    </message>
    <message>
        <source>What was matched to what, how well, and what was written, with pictures.</source>
        <translation>Was wozu passte, wie gut, und was geschrieben wurde, mit Bildern.</translation>
    </message>
    <message>
        <source>The same as a table.</source>
        <translation>Dasselbe als Tabelle.</translation>
    </message>
    <message>
        <source>The same for scripts.</source>
        <translation>Dasselbe für Skripte.</translation>
    </message>
    <message>
        <source>It holds 999 events; {left_out} are left out.</source>
        <translation>Sie enthält 999 Ereignisse; {left_out} fallen weg.</translation>
    </message>
    <message>
        <source>It counts whole frames: {rounded} of {sounds} sounds lie up to half a frame from their place.</source>
        <translation>Sie zählt ganze Bilder: {rounded} von {sounds} Tönen liegen bis zu ein halbes Bild neben ihrem Platz.</translation>
    </message>
    <message>
        <source>It knows no drift: export the clean sound, and point at that instead.</source>
        <translation>Sie kennt keine Drift: exportieren Sie den sauberen Ton und verweisen Sie auf ihn.</translation>
    </message>
    <message>
        <source>{track} is left out: of several microphones an edit decision list holds the one that is heard.</source>
        <translation>{track} fällt weg: von mehreren Mikrofonen enthält eine Schnittliste das, das zu hören ist.</translation>
    </message>
    <message numerus="yes">
        <source>{track} is left out: an edit decision list holds one picture track ({clips} clips).</source>
        <translation>
            <numerusform>{track} fällt weg: eine Schnittliste enthält eine Bildspur ({clips} Clips).</numerusform>
            <numerusform>{track} fällt weg: eine Schnittliste enthält eine Bildspur ({clips} Clips).</numerusform>
        </translation>
    </message>
    <message>
        <source>Its timecode counts {counted} frames a second; the picture has {rate}.</source>
        <translation>Ihr Timecode zählt {counted} Bilder in der Sekunde; das Bild hat {rate}.</translation>
    </message>
    <message>
        <source>Choose a folder to write to.</source>
        <translation>Wählen Sie einen Ordner, in den geschrieben wird.</translation>
    </message>
    <message>
        <source>Choose what is to be written.</source>
        <translation>Wählen Sie, was geschrieben wird.</translation>
    </message>
    <message>
        <source>No take has a place yet: find matches first.</source>
        <translation>Noch hat kein Take einen Platz: suchen Sie zuerst.</translation>
    </message>
    <message>
        <source>There is not enough room: about {needed:bytes} are needed, {free:bytes} are free.</source>
        <translation>Der Platz reicht nicht: etwa {needed:bytes} werden gebraucht, {free:bytes} sind frei.</translation>
    </message>
    <message>
        <source>There is no {field}: a name can hold {known}.</source>
        <translation>Es gibt kein {field}: ein Name kann {known} enthalten.</translation>
    </message>
    <message>
        <source>No recording covers any of what is kept of it, and only what is covered was asked for. Keep more of the take, or choose silence or the camera&apos;s sound for the gaps.</source>
        <translation>Keine Aufnahme deckt etwas von dem ab, was behalten wird, und nur Abgedecktes war verlangt. Behalten Sie mehr vom Take, oder wählen Sie Stille oder den Kameraton für die Lücken.</translation>
    </message>
    <message>
        <source>It has no picture; its clean sound alone can be written.</source>
        <translation>Er hat kein Bild; nur sein sauberer Ton kann geschrieben werden.</translation>
    </message>
    <message>
        <source>{file} is not there: is the card in?</source>
        <translation>{file} ist nicht da: steckt die Karte?</translation>
    </message>
    <message>
        <source>{codec} does not go into {container}; choose {can}.</source>
        <translation>{codec} passt nicht in {container}; wählen Sie {can}.</translation>
    </message>
    <message>
        <source>Stopped; nothing half-written was left.</source>
        <translation>Angehalten; nichts halb Geschriebenes blieb zurück.</translation>
    </message>
    <message>
        <source>It holds {sounds} sounds and not {meant}.</source>
        <translation>Sie enthält {sounds} Töne und nicht {meant}.</translation>
    </message>
    <message>
        <source>It holds {samples:grouped} samples and not {meant:grouped}.</source>
        <translation>Sie enthält {samples:grouped} Samples und nicht {meant:grouped}.</translation>
    </message>
    <message>
        <source>The {track} has {samples:grouped} samples in the file and not {meant:grouped}.</source>
        <translation>{track}: {samples:grouped} Samples in der Datei und nicht {meant:grouped}.</translation>
    </message>
    <message>
        <source>The {track} is not what was rendered, from {from:clock0} of the file on.</source>
        <translation>{track}: ab {from:clock0} der Datei nicht, was berechnet wurde.</translation>
    </message>
    <message>
        <source>The {track} has {channels} channels in the file and not {meant}.</source>
        <translation>{track}: {channels} Kanäle in der Datei und nicht {meant}.</translation>
    </message>
    <message>
        <source>The {track}{which} at {at:clock1} lies {by:slip} from where the tether says.</source>
        <translation>{track}{which} liegt bei {at:clock1} um {by:slip} neben dem, was die Bindung sagt.</translation>
    </message>
    <message>
        <source>, channel {channel},</source>
        <translation>, Kanal {channel},</translation>
    </message>
    <message>
        <source>The picture differs from the take: {how}.</source>
        <translation>Das Bild unterscheidet sich vom Take: {how}.</translation>
    </message>
    <message>
        <source>{pictures} pictures against {against}</source>
        <translation>{pictures} Bilder gegen {against}</translation>
    </message>
    <message>
        <source>picture packet {packet} holds another coded picture</source>
        <translation>Bildpaket {packet} enthält ein anderes kodiertes Bild</translation>
    </message>
    <message>
        <source>picture packet {packet} is shown at another time</source>
        <translation>Bildpaket {packet} wird zu einer anderen Zeit gezeigt</translation>
    </message>
    <message>
        <source>It holds more pictures than the take does there.</source>
        <translation>Sie enthält mehr Bilder als der Take dort.</translation>
    </message>
    <message>
        <source>It holds fewer pictures than the take does there.</source>
        <translation>Sie enthält weniger Bilder als der Take dort.</translation>
    </message>
    <message>
        <source>The picture at {at:clock2} is shown at another time than in the take.</source>
        <translation>Das Bild bei {at:clock2} wird zu einer anderen Zeit gezeigt als im Take.</translation>
    </message>
    <message>
        <source>The picture at {at:clock1} differs from the take&apos;s so that it is seen.</source>
        <translation>Das Bild bei {at:clock1} unterscheidet sich sichtbar von dem des Takes.</translation>
    </message>
    <message>
        <source>{pictures:grouped} pictures identical</source>
        <translation>{pictures:grouped} Bilder identisch</translation>
    </message>
    <message>
        <source>{pictures:grouped} pictures DIFFER</source>
        <translation>{pictures:grouped} Bilder VERSCHIEDEN</translation>
    </message>
    <message>
        <source>{pictures:grouped} pictures alike to {db:fixed0} dB</source>
        <translation>{pictures:grouped} Bilder auf {db:fixed0} dB gleich</translation>
    </message>
    <message>
        <source>Add {file}</source>
        <translation>{file} hinzufügen</translation>
    </message>
    <message numerus="yes">
        <source>Add {files} files</source>
        <translation>
            <numerusform>{files} Datei hinzufügen</numerusform>
            <numerusform>{files} Dateien hinzufügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Find {files} moved files</source>
        <translation>
            <numerusform>{files} verschobene Datei finden</numerusform>
            <numerusform>{files} verschobene Dateien finden</numerusform>
        </translation>
    </message>
    <message>
        <source>Swap {recording} for {copy}</source>
        <translation>{recording} gegen {copy} tauschen</translation>
    </message>
    <message>
        <source>Remove {file}</source>
        <translation>{file} entfernen</translation>
    </message>
    <message>
        <source>Back to &quot;{snapshot}&quot;</source>
        <translation>Zurück zu „{snapshot}“</translation>
    </message>
    <message>
        <source>{take} as in &quot;{snapshot}&quot;</source>
        <translation>{take} wie in „{snapshot}“</translation>
    </message>
    <message numerus="yes">
        <source>Find matches for {takes} takes</source>
        <translation>
            <numerusform>Plätze für {takes} Take suchen</numerusform>
            <numerusform>Plätze für {takes} Takes suchen</numerusform>
        </translation>
    </message>
    <message>
        <source>Tether {take}</source>
        <translation>{take} binden</translation>
    </message>
    <message numerus="yes">
        <source>Tether {takes} takes</source>
        <translation>
            <numerusform>{takes} Take binden</numerusform>
            <numerusform>{takes} Takes binden</numerusform>
        </translation>
    </message>
    <message>
        <source>Use {file} as a take</source>
        <translation>{file} als Take verwenden</translation>
    </message>
    <message>
        <source>Use {file} as a recording</source>
        <translation>{file} als Aufnahme verwenden</translation>
    </message>
    <message numerus="yes">
        <source>Name the camera of {takes} takes</source>
        <translation>
            <numerusform>Die Kamera von {takes} Take nennen</numerusform>
            <numerusform>Die Kamera von {takes} Takes nennen</numerusform>
        </translation>
    </message>
    <message>
        <source>Treat {before} and {after} as one</source>
        <translation>{before} und {after} als einen behandeln</translation>
    </message>
    <message>
        <source>Treat {takes} takes as one</source>
        <translation>{takes} Takes als einen behandeln</translation>
    </message>
    <message>
        <source>Treat {take} as a take of its own</source>
        <translation>{take} als Take für sich behandeln</translation>
    </message>
    <message>
        <source>Untether {take}</source>
        <translation>{take} lösen</translation>
    </message>
    <message>
        <source>Hear {recording} in {take}</source>
        <translation>{recording} in {take} hören</translation>
    </message>
    <message>
        <source>Move the clean sound of {take} by {by:slip}</source>
        <translation>Den sauberen Ton von {take} um {by:slip} verschieben</translation>
    </message>
    <message>
        <source>Place the clean sound of {take} at {where}</source>
        <translation>Den sauberen Ton von {take} an {where} legen</translation>
    </message>
    <message>
        <source>{at:clock6}</source>
        <translation>{at:clock6}</translation>
    </message>
    <message>
        <source>the best place</source>
        <translation>die beste Stelle</translation>
    </message>
    <message>
        <source>a place {weaker_db:fixed0} dB weaker</source>
        <translation>eine um {weaker_db:fixed0} dB schwächere Stelle</translation>
    </message>
    <message numerus="yes">
        <source>{pairs} pairs, at most {apart:slip} apart</source>
        <translation>
            <numerusform>1 Paar</numerusform>
            <numerusform>{pairs} Paare, höchstens {apart:slip} auseinander</numerusform>
        </translation>
    </message>
    <message>
        <source>Lay {take} on {recording}</source>
        <translation>{take} auf {recording} legen</translation>
    </message>
    <message>
        <source>Back to the found place of {take}</source>
        <translation>Zurück zur gefundenen Stelle von {take}</translation>
    </message>
    <message>
        <source>Back to the tether of {take}</source>
        <translation>Zurück zur Bindung von {take}</translation>
    </message>
    <message>
        <source>Forget the distance to the camera of {take}</source>
        <translation>Die Entfernung von {take} zur Kamera vergessen</translation>
    </message>
    <message>
        <source>Let the clean sound of {take} come {by:slip} earlier, as the picture has it</source>
        <translation>Den sauberen Ton von {take} {by:slip} früher kommen lassen, wie das Bild ihn hat</translation>
    </message>
    <message>
        <source>Leave out what is on files that are not there</source>
        <translation>Weglassen, was auf Dateien liegt, die nicht da sind</translation>
    </message>
    <message>
        <source>What could not be kept step by step</source>
        <translation>Was nicht Schritt für Schritt aufgezeichnet werden konnte</translation>
    </message>
    <message>
        <source>Put {mark} on {file}</source>
        <translation>{mark} auf {file} setzen</translation>
    </message>
    <message>
        <source>Move {mark}</source>
        <translation>{mark} verschieben</translation>
    </message>
    <message>
        <source>Call {mark} {name}</source>
        <translation>{mark} nun {name} nennen</translation>
    </message>
    <message>
        <source>Remove {mark}</source>
        <translation>{mark} entfernen</translation>
    </message>
    <message>
        <source>Cut {take}</source>
        <translation>{take} schneiden</translation>
    </message>
    <message>
        <source>Drop a piece of {take}</source>
        <translation>Ein Stück von {take} weglassen</translation>
    </message>
    <message>
        <source>Bring back a piece of {take}</source>
        <translation>Ein Stück von {take} zurückholen</translation>
    </message>
    <message>
        <source>Trim the start of {take}</source>
        <translation>Den Anfang von {take} kürzen</translation>
    </message>
    <message>
        <source>Trim the end of {take}</source>
        <translation>Das Ende von {take} kürzen</translation>
    </message>
    <message>
        <source>Keep a selection of {take}</source>
        <translation>Eine Auswahl von {take} behalten</translation>
    </message>
    <message>
        <source>Keep the shared part of {take}</source>
        <translation>Den gemeinsamen Teil von {take} behalten</translation>
    </message>
    <message>
        <source>Keep the whole of {take}</source>
        <translation>{take} ganz behalten</translation>
    </message>
    <message>
        <source>For all takes: {what}</source>
        <translation>Für alle Takes: {what}</translation>
    </message>
    <message>
        <source>For {take}: {what}</source>
        <translation>Für {take}: {what}</translation>
    </message>
    <message numerus="yes">
        <source>For {takes} takes: {what}</source>
        <translation>
            <numerusform>Für {takes} Take: {what}</numerusform>
            <numerusform>Für {takes} Takes: {what}</numerusform>
        </translation>
    </message>
    <message>
        <source>camera&apos;s sound left out</source>
        <translation>Kameraton weggelassen</translation>
    </message>
    <message>
        <source>camera&apos;s sound on a second track</source>
        <translation>Kameraton auf einer zweiten Spur</translation>
    </message>
    <message>
        <source>camera&apos;s sound mixed in</source>
        <translation>Kameraton beigemischt</translation>
    </message>
    <message>
        <source>camera&apos;s sound mixed in by {db:signed1} dB</source>
        <translation>Kameraton mit {db:signed1} dB beigemischt</translation>
    </message>
    <message>
        <source>channels as recorded</source>
        <translation>Kanäle wie aufgenommen</translation>
    </message>
    <message>
        <source>left channel on both sides</source>
        <translation>linker Kanal auf beiden Seiten</translation>
    </message>
    <message>
        <source>right channel on both sides</source>
        <translation>rechter Kanal auf beiden Seiten</translation>
    </message>
    <message>
        <source>channels mixed</source>
        <translation>Kanäle gemischt</translation>
    </message>
    <message>
        <source>channels as stereo</source>
        <translation>Kanäle als Stereo</translation>
    </message>
    <message>
        <source>sides swapped</source>
        <translation>Seiten vertauscht</translation>
    </message>
    <message>
        <source>some channels chosen</source>
        <translation>einige Kanäle gewählt</translation>
    </message>
    <message>
        <source>polarity inverted</source>
        <translation>Polarität umgekehrt</translation>
    </message>
    <message>
        <source>polarity as matched</source>
        <translation>Polarität wie gefunden</translation>
    </message>
    <message>
        <source>level to {lufs:signed1} LUFS</source>
        <translation>Pegel auf {lufs:signed1} LUFS</translation>
    </message>
    <message>
        <source>level by {db:signed1} dB</source>
        <translation>Pegel um {db:signed1} dB</translation>
    </message>
    <message>
        <source>peaks under {dbtp:signed1} dBTP</source>
        <translation>Spitzen unter {dbtp:signed1} dBTP</translation>
    </message>
    <message>
        <source>gaps silent</source>
        <translation>Lücken still</translation>
    </message>
    <message>
        <source>camera&apos;s sound in gaps</source>
        <translation>Kameraton in Lücken</translation>
    </message>
    <message>
        <source>gaps trimmed away</source>
        <translation>Lücken weggekürzt</translation>
    </message>
    <message>
        <source>drift corrected</source>
        <translation>Drift ausgeglichen</translation>
    </message>
    <message>
        <source>offset only</source>
        <translation>nur Versatz</translation>
    </message>
    <message>
        <source>claps heard</source>
        <translation>Klatscher hörbar</translation>
    </message>
    <message>
        <source>claps lowered to {db:signed0} dB</source>
        <translation>Klatscher auf {db:signed0} dB gesenkt</translation>
    </message>
    <message>
        <source>fades of {ms:fixed0} ms at edges</source>
        <translation>Blenden von {ms:fixed0} ms an den Rändern</translation>
    </message>
    <message>
        <source>sound as it was</source>
        <translation>Ton, wie er war</translation>
    </message>
    <message>
        <source>sound as for all takes</source>
        <translation>Ton wie für alle Takes</translation>
    </message>
    <message>
        <source>levels alike, {lufs:fixed1} LUFS</source>
        <translation>gleiche Pegel, {lufs:fixed1} LUFS</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>{file} is not there any more. Was the card taken out, or the file moved? Put it back and try again.</source>
        <translation>{file} ist nicht mehr da. Wurde die Karte entnommen oder die Datei verschoben? Legen Sie sie zurück und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>{file} is a folder, not a film or a sound.</source>
        <translation>{file} ist ein Ordner, weder Film noch Ton.</translation>
    </message>
    <message>
        <source>{file} is no file, but a device or a pipe. It was not opened.</source>
        <translation>{file} ist keine Datei, sondern ein Gerät oder eine Pipe. Sie wurde nicht geöffnet.</translation>
    </message>
    <message>
        <source>{file} is too large to be what it says. It was not opened.</source>
        <translation>{file} ist zu groß, um zu sein, was sie sagt. Sie wurde nicht geöffnet.</translation>
    </message>
    <message>
        <source>{file} may not be read by this user ({why}). Change its permissions and try again.</source>
        <translation>{file} darf von diesem Benutzer nicht gelesen werden ({why}). Ändern Sie die Rechte und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>{file} is empty (0 bytes): nothing was recorded, or the copy failed. Copy it again from the card.</source>
        <translation>{file} ist leer (0 Bytes): nichts wurde aufgenommen, oder das Kopieren schlug fehl. Kopieren Sie sie noch einmal von der Karte.</translation>
    </message>
    <message>
        <source>{file} is text, not a film or a sound, whatever its name says. It was left alone; look for the real file on the card.</source>
        <translation>{file} ist Text, weder Film noch Ton, was auch ihr Name sagt. Sie blieb unberührt; suchen Sie die richtige Datei auf der Karte.</translation>
    </message>
    <message>
        <source>{file} was never finished: the camera did not get to write its index, or the copy was cut short. Copy it again; if the card&apos;s own file is like this, the camera may be able to repair it.</source>
        <translation>{file} wurde nie fertig geschrieben: die Kamera kam nicht dazu, ihr Verzeichnis zu schreiben, oder die Kopie ist abgeschnitten. Kopieren Sie sie noch einmal; ist die Datei auf der Karte auch so, kann die Kamera sie vielleicht reparieren.</translation>
    </message>
    <message>
        <source>{file} is not a film or a sound that can be read, or it is damaged from its beginning. It was left alone; copy it again from the card.</source>
        <translation>{file} ist kein lesbarer Film oder Ton, oder von Anfang an beschädigt. Sie blieb unberührt; kopieren Sie sie noch einmal von der Karte.</translation>
    </message>
    <message>
        <source>{file} uses the format {codec}, which this machine cannot decode. Convert it and add it again.</source>
        <translation>{file} verwendet das Format {codec}, das dieser Rechner nicht lesen kann. Wandeln Sie sie um und fügen Sie sie noch einmal hinzu.</translation>
    </message>
    <message>
        <source>{file}: the {codec} stream cannot be opened ({why}).</source>
        <translation>{file}: der Strom {codec} lässt sich nicht öffnen ({why}).</translation>
    </message>
    <message>
        <source>{file} holds no sound that can be read.</source>
        <translation>{file} enthält keinen lesbaren Ton.</translation>
    </message>
    <message>
        <source>{file} has a sound track with no sound in it.</source>
        <translation>{file} hat eine Tonspur, in der kein Ton ist.</translation>
    </message>
    <message>
        <source>{file} has a picture but no sound, so there is nothing to match by. Turn on the camera&apos;s microphone next time; this take can only be placed by hand.</source>
        <translation>{file} hat ein Bild, aber keinen Ton, also nichts zum Vergleichen. Schalten Sie nächstes Mal das Mikrofon der Kamera ein; dieser Take lässt sich nur von Hand legen.</translation>
    </message>
    <message numerus="yes">
        <source>{file} has {channels} channels; there is no channel {channel}.</source>
        <translation>
            <numerusform>{file} hat einen Kanal; einen Kanal {channel} gibt es nicht.</numerusform>
            <numerusform>{file} hat {channels} Kanäle; einen Kanal {channel} gibt es nicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>{file} could not be read any further ({why}). Is the card still in? Nothing was changed; try again.</source>
        <translation>{file} konnte nicht weiter gelesen werden ({why}). Steckt die Karte noch? Nichts wurde geändert; versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>{file} could not be read again.</source>
        <translation>{file} konnte nicht noch einmal gelesen werden.</translation>
    </message>
    <message>
        <source>Cannot read {file}: {why}.</source>
        <translation>{file} lässt sich nicht lesen: {why}.</translation>
    </message>
    <message>
        <source>{file} is not in the cache.</source>
        <translation>{file} ist nicht im Zwischenspeicher.</translation>
    </message>
    <message>
        <source>{file} has no picture.</source>
        <translation>{file} hat kein Bild.</translation>
    </message>
    <message>
        <source>{file}: no picture could be decoded here. Is the file still there?</source>
        <translation>{file}: hier ließ sich kein Bild dekodieren. Ist die Datei noch da?</translation>
    </message>
    <message>
        <source>{file}: the picture has an unknown format.</source>
        <translation>{file}: das Bild hat ein unbekanntes Format.</translation>
    </message>
    <message>
        <source>{file} has no picture to export.</source>
        <translation>{file} hat kein Bild zum Exportieren.</translation>
    </message>
    <message>
        <source>{file} shows nothing in the stretch that is kept.</source>
        <translation>{file} zeigt in der behaltenen Strecke nichts.</translation>
    </message>
    <message>
        <source>Nothing is heard in the overlap.</source>
        <translation>In der Überlappung ist nichts zu hören.</translation>
    </message>
    <message>
        <source>The two share little more than a second here.</source>
        <translation>Die beiden haben hier kaum mehr als eine Sekunde gemeinsam.</translation>
    </message>
    <message>
        <source>Cannot write {file}: {why}.</source>
        <translation>{file} lässt sich nicht schreiben: {why}.</translation>
    </message>
    <message>
        <source>Cannot write {file} in the folder {folder}: {why}. Nothing was written; choose another folder or free it.</source>
        <translation>{file} lässt sich nicht in den Ordner {folder} schreiben: {why}. Nichts wurde geschrieben; wählen Sie einen anderen Ordner, oder machen Sie ihn frei.</translation>
    </message>
    <message>
        <source>Cannot write {file}: {why}. Nothing was left behind; the take itself is untouched.</source>
        <translation>{file} lässt sich nicht schreiben: {why}. Nichts blieb zurück; der Take selbst ist unberührt.</translation>
    </message>
    <message>
        <source>Cannot make the folder {file}: {why}.</source>
        <translation>Der Ordner {file} lässt sich nicht anlegen: {why}.</translation>
    </message>
    <message>
        <source>{file} could not be read to its end ({why}). Is the card still in? No file was written.</source>
        <translation>{file} konnte nicht bis zum Ende gelesen werden ({why}). Steckt die Karte noch? Es wurde keine Datei geschrieben.</translation>
    </message>
    <message>
        <source>{file} could not be read back to its end ({why}).</source>
        <translation>{file} konnte nicht bis zum Ende zurückgelesen werden ({why}).</translation>
    </message>
    <message>
        <source>The sound could not be written ({why}). Is the disk full? Nothing was left behind.</source>
        <translation>Der Ton konnte nicht geschrieben werden ({why}). Ist die Platte voll? Nichts blieb zurück.</translation>
    </message>
    <message>
        <source>The picture of {file} could not be re-encoded ({why}). Nothing was left behind; let its pieces begin at key frames instead.</source>
        <translation>Das Bild von {file} konnte nicht neu kodiert werden ({why}). Nichts blieb zurück; lassen Sie die Stücke stattdessen an Schlüsselbildern beginnen.</translation>
    </message>
    <message>
        <source>This machine&apos;s FFmpeg cannot write {codec}.</source>
        <translation>Das FFmpeg dieses Rechners kann {codec} nicht schreiben.</translation>
    </message>
    <message>
        <source>The sound format {codec} does not take {hertz} Hz, {channels} channels.</source>
        <translation>Das Tonformat {codec} nimmt {hertz} Hz mit {channels} Kanälen nicht an.</translation>
    </message>
    <message>
        <source>{codec} does not go into this container ({ending}); choose {instead}. Nothing was written.</source>
        <translation>{codec} passt nicht in diesen Container ({ending}); wählen Sie {instead}. Nichts wurde geschrieben.</translation>
    </message>
    <message>
        <source>{file} is not a saved shoot. The file was left as it is.</source>
        <translation>{file} ist kein gespeicherter Shoot. Die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>{file} is damaged and cannot be understood. The file was left as it is.</source>
        <translation>{file} ist beschädigt und nicht zu verstehen. Die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>{file} was saved by a newer version of this program. Update to open it. The file was left as it is.</source>
        <translation>{file} wurde von einer neueren Version dieses Programms gespeichert. Aktualisieren Sie es, um sie zu öffnen. Die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>{file} holds steps that were not saved, but cannot be understood. It was left as it is.</source>
        <translation>{file} enthält Schritte, die nicht gespeichert wurden, aber nicht zu verstehen sind. Sie blieb, wie sie war.</translation>
    </message>
    <message numerus="yes">
        <source>{file} was worked on after it was saved: {steps} steps are not in it. What is handed over is as it was saved; open and save it to have the rest.</source>
        <translation>
            <numerusform>An {file} wurde nach dem Speichern gearbeitet: {steps} Schritt ist nicht darin. Exportiert wird der gespeicherte Stand; öffnen und speichern Sie sie, um den Rest zu haben.</numerusform>
            <numerusform>An {file} wurde nach dem Speichern gearbeitet: {steps} Schritte sind nicht darin. Exportiert wird der gespeicherte Stand; öffnen und speichern Sie sie, um den Rest zu haben.</numerusform>
        </translation>
    </message>
    <message>
        <source>{file} is in the shoot already, as {as}. It was not added again.</source>
        <translation>{file} ist schon im Shoot, als {as}. Sie wurde nicht noch einmal hinzugefügt.</translation>
    </message>
    <message numerus="yes">
        <source>{files} files in the folder are neither video nor sound and were left out: {names}</source>
        <translation>
            <numerusform>{files} Datei im Ordner ist weder Video noch Ton und wurde weggelassen: {names}</numerusform>
            <numerusform>{files} Dateien im Ordner sind weder Video noch Ton und wurden weggelassen: {names}</numerusform>
        </translation>
    </message>
    <message>
        <source>Steps cannot be written down in {file}. Save the shoot yourself until there is room again.</source>
        <translation>Schritte können nicht in {file} aufgezeichnet werden. Speichern Sie den Shoot selbst, bis wieder Platz ist.</translation>
    </message>
    <message>
        <source>{file} is not exported: the recording it is tethered to cannot be read.</source>
        <translation>{file} wird nicht exportiert: die Aufnahme, an die er gebunden ist, lässt sich nicht lesen.</translation>
    </message>
    <message>
        <source>{file}: {problem}</source>
        <translation>{file}: {problem}</translation>
    </message>
    <message>
        <source>{file} holds {streams} streams; at most 128 are read. It was left alone.</source>
        <translation>{file} enthält {streams} Ströme; höchstens 128 werden gelesen. Sie blieb unberührt.</translation>
    </message>
    <message>
        <source>{file} cannot be read: {why} It was left alone.</source>
        <translation>{file} lässt sich nicht lesen: {why} Sie blieb unberührt.</translation>
    </message>
    <message>
        <source>A sound claims {hertz} samples a second; 4,000 to 768,000 are read.</source>
        <translation>Ein Ton gibt {hertz} Samples in der Sekunde an; gelesen werden 4000 bis 768 000.</translation>
    </message>
    <message>
        <source>A sound claims {channels} channels; 1 to 64 are read.</source>
        <translation>Ein Ton gibt {channels} Kanäle an; gelesen werden 1 bis 64.</translation>
    </message>
    <message>
        <source>Its time stamps claim {seconds:clock1} of silence that is not to be believed; the sound goes on without it.</source>
        <translation>Die Zeitstempel behaupten {seconds:clock1} Stille, die nicht zu glauben sind; der Ton geht ohne sie weiter.</translation>
    </message>
    <message numerus="yes">
        <source>{samples:grouped} samples are no numbers and were silenced.</source>
        <translation>
            <numerusform>{samples:grouped} Sample ist keine Zahl und wurde still gemacht.</numerusform>
            <numerusform>{samples:grouped} Samples sind keine Zahlen und wurden still gemacht.</numerusform>
        </translation>
    </message>
    <message>
        <source>Its sound changes rate or channels at {at:clock1}; what follows was left out.</source>
        <translation>Der Ton wechselt bei {at:clock1} Rate oder Kanäle; was folgt, wurde weggelassen.</translation>
    </message>
    <message>
        <source>There was not enough memory. Nothing was lost; close other programs and try again.</source>
        <translation>Der Speicher hat nicht gereicht. Nichts ging verloren; schließen Sie andere Programme und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>There was not enough memory for {file}. It was left alone; close other programs and try again.</source>
        <translation>Für {file} hat der Speicher nicht gereicht. Sie blieb unberührt; schließen Sie andere Programme und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Something went wrong that nobody thought of ({why}). Nothing was lost; please report it.</source>
        <translation>Etwas ging schief, an das niemand gedacht hat ({why}). Nichts ging verloren; bitte melden Sie es.</translation>
    </message>
    <message>
        <source>Something went wrong with {file} that nobody thought of ({why}). It was left alone; please report it.</source>
        <translation>Mit {file} ging etwas schief, an das niemand gedacht hat ({why}). Sie blieb unberührt; bitte melden Sie es.</translation>
    </message>
    <message>
        <source>{file} is no JSON report.</source>
        <translation>{file} ist kein JSON-Bericht.</translation>
    </message>
    <message>
        <source>{file} does not speak of {written}.</source>
        <translation>{file} sagt nichts über {written}.</translation>
    </message>
    <message>
        <source>{file} does not hold what is needed; write it anew with this version.</source>
        <translation>{file} enthält nicht, was gebraucht wird; schreiben Sie ihn mit dieser Version neu.</translation>
    </message>
    <message>
        <source>The scene cannot be understood: {why}</source>
        <translation>Die Szene ist nicht zu verstehen: {why}</translation>
    </message>
    <message>
        <source>There is no scene named {file} and no such file.</source>
        <translation>Es gibt keine Szene namens {file} und keine solche Datei.</translation>
    </message>
    <message>
        <source>The speech synthesiser said nothing with the voice {voice}; install the package espeak-ng.</source>
        <translation>Der Sprachgenerator sagte mit der Stimme {voice} nichts; installieren Sie das Paket espeak-ng.</translation>
    </message>
    <message>
        <source>“{text}” is no time. Type 0:19:27.483, or a change such as +3 ms, −12 frames, +40 samples.</source>
        <translation>„{text}“ ist keine Zeit. Tippen Sie 0:19:27,483 oder eine Änderung wie +3 ms, −12 frames, +40 samples.</translation>
    </message>
    <message>
        <source>{text}</source>
        <translation>{text}</translation>
    </message>
    <message>
        <source>Placed with both starts together; nothing was measured. Listen to it.</source>
        <translation>Mit beiden Anfängen zusammen gelegt; nichts wurde gemessen. Hören Sie hin.</translation>
    </message>
    <message>
        <source>Placed with both ends together; nothing was measured. Listen to it.</source>
        <translation>Mit beiden Enden zusammen gelegt; nichts wurde gemessen. Hören Sie hin.</translation>
    </message>
    <message>
        <source>Searched by what is kept of it alone, {from:clock1} to {to:clock1}.</source>
        <translation>Nur mit dem gesucht, was von ihm bleibt, {from:clock1} bis {to:clock1}.</translation>
    </message>
    <message>
        <source>Placed with one clap of each side together; nothing was measured. Listen to it.</source>
        <translation>Mit je einem Klatscher beider Seiten zusammen gelegt; nichts wurde gemessen. Hören Sie hin.</translation>
    </message>
    <message>
        <source>Placed as typed; nothing was measured. Listen to it.</source>
        <translation>Wie eingetippt gelegt; nichts wurde gemessen. Hören Sie hin.</translation>
    </message>
    <message>
        <source>Placed where the playhead was on the recording; nothing was measured. Listen to it.</source>
        <translation>Dahin gelegt, wo der Abspielkopf der Aufnahme stand; nichts wurde gemessen. Hören Sie hin.</translation>
    </message>
    <message>
        <source>Placed where it was dropped; nothing was measured. Listen to it.</source>
        <translation>Dahin gelegt, wo er losgelassen wurde; nichts wurde gemessen. Hören Sie hin.</translation>
    </message>
    <message>
        <source>A recording is on the bench: choose a take.</source>
        <translation>Auf der Werkbank liegt eine Aufnahme: wählen Sie einen Take.</translation>
    </message>
    <message>
        <source>Choose a recording in the list first.</source>
        <translation>Wählen Sie zuerst in der Liste eine Aufnahme.</translation>
    </message>
    <message>
        <source>Every take is tethered.</source>
        <translation>Jeder Take ist gebunden.</translation>
    </message>
    <message>
        <source>There is no clap and no mark on {file}.</source>
        <translation>Auf {file} gibt es weder Klatscher noch Marke.</translation>
    </message>
    <message>
        <source>Choose the recording in the list first, and put the playhead near its clap.</source>
        <translation>Wählen Sie zuerst in der Liste die Aufnahme, und stellen Sie den Abspielkopf in die Nähe ihres Klatschers.</translation>
    </message>
    <message>
        <source>Every tethered take was listened to.</source>
        <translation>In jeden gebundenen Take wurde hineingehört.</translation>
    </message>
    <message numerus="yes">
        <source>Lay {count} takes on their recordings</source>
        <translation>
            <numerusform>{count} Take auf seine Aufnahme legen</numerusform>
            <numerusform>{count} Takes auf ihre Aufnahmen legen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>; {stretches} stretches quiet</source>
        <translation>
            <numerusform>; {stretches} Strecke leise</numerusform>
            <numerusform>; {stretches} Strecken leise</numerusform>
        </translation>
    </message>
    <message>
        <source>Make {take} quiet at {at:clock1}</source>
        <translation>{take} bei {at:clock1} leise machen</translation>
    </message>
    <message>
        <source>Let {take} be heard at {at:clock1}</source>
        <translation>{take} bei {at:clock1} hören lassen</translation>
    </message>
    <message>
        <source>{take} as loud as it was at {at:clock1}</source>
        <translation>{take} bei {at:clock1} so laut wie zuvor</translation>
    </message>
    <message>
        <source>Select a stretch first, with Shift and the mouse, or go to a clap.</source>
        <translation>Wählen Sie zuerst eine Strecke aus, mit Umschalt und der Maus, oder gehen Sie zu einem Klatscher.</translation>
    </message>
    <message>
        <source>Nothing is quiet here.</source>
        <translation>Hier ist nichts leise.</translation>
    </message>
    <message>
        <source>It has no sound of its own, so that no search can find its place: lay it by the picture in which the hands meet (mark that picture, then &quot;By a clap of each&quot;), by its time stamp, or drag it onto the recording.</source>
        <translation>Er hat keinen eigenen Ton, sodass keine Suche seinen Platz finden kann: legen Sie ihn nach dem Bild, in dem sich die Hände treffen (dieses Bild markieren, dann „Mit je einem Klatscher“), nach seinem Zeitstempel, oder ziehen Sie ihn auf die Aufnahme.</translation>
    </message>
    <message>
        <source>timecode in both sounds, {take} and {recording}</source>
        <translation>Timecode in beiden Tönen, {take} und {recording}</translation>
    </message>
    <message>
        <source>timecode {take} and timecode in the recording&apos;s sound, {recording}</source>
        <translation>Timecode {take} und Timecode im Ton der Aufnahme, {recording}</translation>
    </message>
    <message>
        <source>Channel {channel} carries timecode, from {timecode} on, {rate:fixed2} a second: it is used as a time stamp, and not heard.</source>
        <translation>Kanal {channel} trägt Timecode, ab {timecode}, {rate:fixed2} in der Sekunde: er dient als Zeitstempel und ist nicht zu hören.</translation>
    </message>
    <message>
        <source>There is one channel only.</source>
        <translation>Es gibt nur einen Kanal.</translation>
    </message>
    <message>
        <source>Select a file in the list.</source>
        <translation>Wählen Sie eine Datei in der Liste.</translation>
    </message>
    <message>
        <source>{file}, with every clip of these takes on the new files.</source>
        <translation>{file}, mit jedem Clip dieser Takes auf den neuen Dateien.</translation>
    </message>
    <message numerus="yes">
        <source>{clips} clips are on new files.</source>
        <translation>
            <numerusform>{clips} Clip liegt auf einer neuen Datei.</numerusform>
            <numerusform>{clips} Clips liegen auf neuen Dateien.</numerusform>
        </translation>
    </message>
    <message>
        <source>{clip} is left as it was: what it uses was not exported.</source>
        <translation>{clip} bleibt, wie er war: was er benutzt, wurde nicht exportiert.</translation>
    </message>
    <message>
        <source>{clip} is left as it was: it does not say what it uses.</source>
        <translation>{clip} bleibt, wie er war: er sagt nicht, was er benutzt.</translation>
    </message>
    <message>
        <source>No clip in it is of these takes.</source>
        <translation>Kein Clip darin ist von diesen Takes.</translation>
    </message>
    <message>
        <source>That is no OpenTimelineIO timeline. Export one from where you edit, and choose it.</source>
        <translation>Das ist keine OpenTimelineIO-Timeline. Exportieren Sie eine, wo Sie schneiden, und wählen Sie diese.</translation>
    </message>
    <message>
        <source>Every file with its check value (ASC MHL), to be checked wherever it goes.</source>
        <translation>Jede Datei mit ihrem Prüfwert (ASC MHL), überall nachzuprüfen.</translation>
    </message>
    <message>
        <source>The list of files cannot be read: it is damaged, or no ASC MHL. Nothing was changed.</source>
        <translation>Die Dateiliste lässt sich nicht lesen: sie ist beschädigt oder kein ASC MHL. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>There is no list of files (ASC MHL) in that folder.</source>
        <translation>In diesem Ordner ist keine Dateiliste (ASC MHL).</translation>
    </message>
    <message>
        <source>The whole recording on the clock of {camera}: {takes}.</source>
        <translation>Die ganze Aufnahme auf der Uhr von {camera}: {takes}.</translation>
    </message>
    <message>
        <source>{take} begins at {at:clock3}</source>
        <translation>{take} beginnt bei {at:clock3}</translation>
    </message>
    <message>
        <source>FLAC, 24-bit, 48 kHz.</source>
        <translation>FLAC, 24 Bit, 48 kHz.</translation>
    </message>
    <message>
        <source>Broadcast WAV, 24-bit, 48 kHz.</source>
        <translation>Broadcast-WAV, 24 Bit, 48 kHz.</translation>
    </message>
    <message>
        <source>Broadcast WAV, 32-bit float, 48 kHz.</source>
        <translation>Broadcast-WAV, 32 Bit Gleitkomma, 48 kHz.</translation>
    </message>
    <message>
        <source>Describe {file}</source>
        <translation>{file} beschreiben</translation>
    </message>
    <message numerus="yes">
        <source>Describe {files} files</source>
        <translation>
            <numerusform>{files} Datei beschreiben</numerusform>
            <numerusform>{files} Dateien beschreiben</numerusform>
        </translation>
    </message>
    <message>
        <source>Search {file} by another channel</source>
        <translation>{file} über einen anderen Kanal suchen</translation>
    </message>
    <message numerus="yes">
        <source>Search {files} files by another channel</source>
        <translation>
            <numerusform>{files} Datei über einen anderen Kanal suchen</numerusform>
            <numerusform>{files} Dateien über einen anderen Kanal suchen</numerusform>
        </translation>
    </message>
    <message>
        <source> because pieces begin between key frames, and joined ones must be coded alike</source>
        <translation>, weil Stücke zwischen Schlüsselbildern beginnen und zusammengefügte gleich codiert sein müssen</translation>
    </message>
    <message>
        <source>Picture untouched, each piece from the key frame before it on, up to {lead:fixed2} s</source>
        <translation>Bild unberührt, jedes Stück ab dem Schlüsselbild davor, bis zu {lead:fixed2} s</translation>
    </message>
    <message>
        <source>The pieces are not coded alike, so they cannot be joined without a gap. Export them as files of their own.</source>
        <translation>Die Stücke sind nicht gleich codiert und lassen sich nicht lückenlos zusammenfügen. Exportieren Sie sie als eigene Dateien.</translation>
    </message>
    <message numerus="yes">
        <source>{pieces} pieces joined without gaps, {length:clock1} in all. </source>
        <translation>
            <numerusform>{pieces} Stück, {length:clock1}. </numerusform>
            <numerusform>{pieces} Stücke lückenlos zusammengefügt, zusammen {length:clock1}. </numerusform>
        </translation>
    </message>
    <message>
        <source>{joined}On the picture&apos;s clock: {track}, {channels}, {format}{rest:run}.</source>
        <translation>{joined}Auf der Uhr des Bildes: {track}, {channels}, {format}{rest:run}.</translation>
    </message>
    <message>
        <source>The recording takes a thousandth longer than the take, as sound for 24 pictures a second does beside 23.976: it is pulled to fit.</source>
        <translation>Die Aufnahme dauert ein Tausendstel länger als der Take, wie Ton für 24 Bilder in der Sekunde neben 23,976: sie wird passend gezogen.</translation>
    </message>
    <message>
        <source>The recording is a thousandth shorter than the take, as sound for 23.976 pictures a second is beside 24: it is pulled to fit.</source>
        <translation>Die Aufnahme ist ein Tausendstel kürzer als der Take, wie Ton für 23,976 Bilder in der Sekunde neben 24: sie wird passend gezogen.</translation>
    </message>
    <message>
        <source>{file} is there already. Nothing is written over: give another name, or move it away.</source>
        <translation>{file} ist schon da. Nichts wird überschrieben: Geben Sie einen anderen Namen, oder räumen Sie sie weg.</translation>
    </message>
    <message>
        <source>The name of {file} is no text (not UTF-8), and a shoot cannot keep it. Rename the file and try again.</source>
        <translation>Der Name von {file} ist kein Text (kein UTF-8), und ein Shoot kann ihn nicht behalten. Benennen Sie die Datei um und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>{file} holds nothing that is called as a video is: no takes. A file that is named itself is taken as it is.</source>
        <translation>{file} enthält nichts, was wie ein Video heißt: keine Takes. Eine Datei, die selbst genannt wird, wird genommen, wie sie ist.</translation>
    </message>
    <message>
        <source>{file} holds nothing that is called as a sound is: no recordings. A file that is named itself is taken as it is.</source>
        <translation>{file} enthält nichts, was wie Ton heißt: keine Aufnahmen. Eine Datei, die selbst genannt wird, wird genommen, wie sie ist.</translation>
    </message>
    <message>
        <source>{file} names or holds neither videos nor sounds.</source>
        <translation>{file} nennt oder enthält weder Videos noch Töne.</translation>
    </message>
    <message>
        <source>No place where the two sounds agree: at best {agreement}. Was the recorder running, and in the same room?</source>
        <translation>Keine Stelle, an der die beiden Töne übereinstimmen: bestenfalls {agreement}. Lief der Rekorder, und im selben Raum?</translation>
    </message>
    <message>
        <source>{agreement}, but what stands out on either side is not heard on the other: the same programme may have played in two rooms. Was the recorder in the same room? Listen before you trust it.</source>
        <translation>{agreement}, aber was auf der einen Seite heraussticht, ist auf der anderen nicht zu hören: In zwei Räumen kann dasselbe Programm gelaufen sein. War der Rekorder im selben Raum? Hören Sie hin, bevor Sie dem trauen.</translation>
    </message>
    <message>
        <source>What is kept of it is shorter than one picture. Keep more of the take.</source>
        <translation>Was davon behalten wird, ist kürzer als ein Bild. Behalten Sie mehr vom Take.</translation>
    </message>
    <message>
        <source>{file} was written, but cannot be read back, and was thrown away. The take itself is untouched. Try again; if it happens again, on another disk.</source>
        <translation>{file} wurde geschrieben, lässt sich aber nicht zurücklesen und wurde verworfen. Der Take selbst ist unberührt. Versuchen Sie es noch einmal; geschieht es wieder, auf einem anderen Datenträger.</translation>
    </message>
    <message>
        <source>The recording lost {seconds:span}, or the take has it twice, at {at:clock1} of the take{doubt}.</source>
        <translation>Die Aufnahme verlor {seconds:span}, oder der Take hat es zweimal, bei {at:clock1} des Takes{doubt}.</translation>
    </message>
    <message>
        <source>The recording repeats {seconds:span}, or the take lost it, at {at:clock1} of the take{doubt}.</source>
        <translation>Die Aufnahme wiederholt {seconds:span}, oder der Take verlor es, bei {at:clock1} des Takes{doubt}.</translation>
    </message>
    <message>
        <source>, in a pause: it may be up to {doubt:span} earlier or later</source>
        <translation>, in einer Pause: es kann bis zu {doubt:span} früher oder später sein</translation>
    </message>
    <message>
        <source>Whoever speaks comes and goes, up to {metres:length} farther from the camera. The clean sound stays with the picture.</source>
        <translation>Wer spricht, kommt und geht, bis zu {metres:length} weiter von der Kamera. Der saubere Ton bleibt beim Bild.</translation>
    </message>
    <message>
        <source>The way of whoever walks is taken off.</source>
        <translation>Der Weg dessen, der geht, ist abgezogen.</translation>
    </message>
    <message>
        <source>{slip:slip}: {metres:length} farther</source>
        <translation>{slip:slip}: {metres:length} weiter weg</translation>
    </message>
    <message>
        <source>The two devices do not run equally fast all along, as happens while one warms up: the clean sound follows, and would be up to {off:span} off otherwise.</source>
        <translation>Die beiden Geräte gehen nicht durchweg gleich schnell, wie es geschieht, während eines warm wird: der saubere Ton folgt und läge sonst bis zu {off:span} daneben.</translation>
    </message>
    <message>
        <source>The search was not sure all the same: listen.</source>
        <translation>Die Suche war trotzdem nicht sicher: hören Sie hin.</translation>
    </message>
    <message>
        <source>Until {at:clock1} of the take nothing is heard in both: what may have been lost there is not seen.</source>
        <translation>Bis {at:clock1} des Takes ist in beiden nichts Gemeinsames zu hören: was dort verloren ging, sieht man nicht.</translation>
    </message>
    <message>
        <source>From {at:clock1} of the take on nothing is heard in both: what may have been lost there is not seen.</source>
        <translation>Ab {at:clock1} des Takes ist in beiden nichts Gemeinsames zu hören: was dort verloren ging, sieht man nicht.</translation>
    </message>
    <message>
        <source>Other files are still being read and may speak against it.</source>
        <translation>Andere Dateien werden noch gelesen und können dagegen sprechen.</translation>
    </message>
    <message>
        <source>A take and a recording are needed.</source>
        <translation>Es braucht einen Take und eine Aufnahme.</translation>
    </message>
    <message>
        <source>Takes are being matched already; what is read first comes first.</source>
        <translation>Es werden schon Plätze gesucht; was zuerst gelesen ist, kommt zuerst.</translation>
    </message>
    <message>
        <source>Something else is being done. Wait for it, or stop it.</source>
        <translation>Etwas anderes wird gerade getan. Warten Sie darauf, oder halten Sie es an.</translation>
    </message>
    <message>
        <source>Only what the room makes of the sound is heard here, under something louder: the place is right to about {within_ms:fixed0} ms. Listen, or mark a clap.</source>
        <translation>Zu hören ist hier nur, was der Raum aus dem Ton macht, unter etwas Lauterem: Die Stelle stimmt auf etwa {within_ms:fixed0} ms. Hören Sie hin, oder markieren Sie einen Klatscher.</translation>
    </message>
    <message>
        <source>{agreement}, but at one end both are loud and nothing agrees: the same music may have been played twice, or somebody was elsewhere. Listen before you trust it.</source>
        <translation>{agreement}, doch an einem Ende sind beide laut, und nichts stimmt überein: Vielleicht lief dieselbe Musik zweimal, oder jemand war anderswo. Hören Sie hin, bevor Sie dem trauen.</translation>
    </message>
    <message>
        <source>Two clocks are rarely so far apart: perhaps the camera was carried away from whoever speaks, or towards them, by {metres:length} a minute. The clean sound is laid as the camera heard it.</source>
        <translation>Zwei Uhren gehen selten so weit auseinander: Vielleicht wurde die Kamera vom Sprecher weg oder auf ihn zu getragen, {metres:length} in der Minute. Der saubere Ton liegt so, wie die Kamera ihn gehört hat.</translation>
    </message>
</context>
<context>
    <name>brisk::app</name>
    <message>
        <source>Add files</source>
        <translation>Dateien hinzufügen</translation>
    </message>
    <message>
        <source>Add takes and recordings</source>
        <translation>Takes und Aufnahmen hinzufügen</translation>
    </message>
    <message>
        <source>add files</source>
        <translation>Dateien hinzufügen</translation>
    </message>
    <message>
        <source>Find matches</source>
        <translation>Plätze suchen</translation>
    </message>
    <message>
        <source>Find the place of every take on the recordings</source>
        <translation>Den Platz jedes Takes auf den Aufnahmen suchen</translation>
    </message>
    <message>
        <source>find matches</source>
        <translation>Plätze suchen</translation>
    </message>
    <message>
        <source>next unsure</source>
        <translation>nächster unsicherer</translation>
    </message>
    <message>
        <source>Go to the next take to listen to</source>
        <translation>Zum nächsten Take, der anzuhören ist</translation>
    </message>
    <message>
        <source>the next take to listen to</source>
        <translation>der nächste Take, der anzuhören ist</translation>
    </message>
    <message>
        <source>Tether all found</source>
        <translation>Alle gefundenen binden</translation>
    </message>
    <message>
        <source>Tether every found take in the list, or those selected</source>
        <translation>Jeden gefundenen Take der Liste binden, oder die ausgewählten</translation>
    </message>
    <message>
        <source>tether all found</source>
        <translation>alle gefundenen binden</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>redo</source>
        <translation>wiederholen</translation>
    </message>
    <message>
        <source>History</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>What was done, to go back to; moments with a name</source>
        <translation>Was getan wurde, um dahin zurückzugehen; Momente mit Namen</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>Begin a new shoot</source>
        <translation>Einen neuen Shoot beginnen</translation>
    </message>
    <message>
        <source>begin a new shoot</source>
        <translation>einen neuen Shoot beginnen</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open a saved shoot</source>
        <translation>Einen gespeicherten Shoot öffnen</translation>
    </message>
    <message>
        <source>open a shoot</source>
        <translation>einen Shoot öffnen</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save the shoot</source>
        <translation>Den Shoot speichern</translation>
    </message>
    <message>
        <source>save it</source>
        <translation>ihn speichern</translation>
    </message>
    <message>
        <source>Save under another name…</source>
        <translation>Unter anderem Namen speichern…</translation>
    </message>
    <message>
        <source>Save the shoot under another name, and go on with that</source>
        <translation>Den Shoot unter einem anderen Namen speichern und damit weitermachen</translation>
    </message>
    <message>
        <source>save it under another name</source>
        <translation>unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Export…</translation>
    </message>
    <message>
        <source>Write videos, sound, timelines and reports</source>
        <translation>Videos, Ton, Timelines und Berichte schreiben</translation>
    </message>
    <message>
        <source>export</source>
        <translation>exportieren</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Stop what is running</source>
        <translation>Anhalten, was läuft</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Every key of this window, on one page</source>
        <translation>Jede Taste dieses Fensters, auf einer Seite</translation>
    </message>
    <message>
        <source>this page</source>
        <translation>diese Seite</translation>
    </message>
    <message>
        <source>Find a take</source>
        <translation>Einen Take finden</translation>
    </message>
    <message>
        <source>Find a take by a part of its name</source>
        <translation>Einen Take an einem Teil seines Namens finden</translation>
    </message>
    <message>
        <source>find a take by its name</source>
        <translation>einen Take am Namen finden</translation>
    </message>
    <message>
        <source>Guide</source>
        <translation>Anleitung</translation>
    </message>
    <message>
        <source>How a day&apos;s work goes, on one page</source>
        <translation>Wie ein Arbeitstag geht, auf einer Seite</translation>
    </message>
    <message>
        <source>the guide</source>
        <translation>die Anleitung</translation>
    </message>
    <message>
        <source>Preferences…</source>
        <translation>Einstellungen…</translation>
    </message>
    <message>
        <source>Theme, size of text, units, folders, sound device</source>
        <translation>Aussehen, Schriftgröße, Einheiten, Ordner, Tongerät</translation>
    </message>
    <message>
        <source>preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Try it with the demo shoot</source>
        <translation>Mit dem Beispiel ausprobieren</translation>
    </message>
    <message>
        <source>A day at a bookbinder&apos;s workshop, made up on this computer</source>
        <translation>Ein Tag in einer Buchbinderei, auf diesem Rechner erfunden</translation>
    </message>
    <message>
        <source>About Brisk Tether</source>
        <translation>Über Brisk Tether</translation>
    </message>
    <message>
        <source>Version and licence</source>
        <translation>Version und Lizenz</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation>Das Fenster schließen</translation>
    </message>
    <message>
        <source>close the window</source>
        <translation>das Fenster schließen</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Play or stop</source>
        <translation>Abspielen oder anhalten</translation>
    </message>
    <message>
        <source>play, pause</source>
        <translation>abspielen, anhalten</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Only the camera&apos;s sound</source>
        <translation>Nur der Kameraton</translation>
    </message>
    <message>
        <source>camera, clean, both</source>
        <translation>Kamera, sauber, beide</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>Only the clean sound</source>
        <translation>Nur der saubere Ton</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>Both at the same loudness: an echo means they are apart</source>
        <translation>Beide gleich laut: ein Echo heißt, dass sie auseinander sind</translation>
    </message>
    <message>
        <source>one in each ear</source>
        <translation>je ein Ohr</translation>
    </message>
    <message>
        <source>Camera in the left ear, clean in the right</source>
        <translation>Kamera im linken Ohr, sauberer Ton im rechten</translation>
    </message>
    <message>
        <source>one in each ear, in turns</source>
        <translation>je ein Ohr, im Wechsel</translation>
    </message>
    <message>
        <source>in turns</source>
        <translation>im Wechsel</translation>
    </message>
    <message>
        <source>One after the other, changing every half second</source>
        <translation>Einer nach dem anderen, jede halbe Sekunde der andere</translation>
    </message>
    <message>
        <source>½×</source>
        <translation>½×</translation>
    </message>
    <message>
        <source>Half as fast; the pitch stays</source>
        <translation>Halb so schnell; die Tonhöhe bleibt</translation>
    </message>
    <message>
        <source>half speed, as it is, double</source>
        <translation>halb so schnell, normal, doppelt</translation>
    </message>
    <message>
        <source>1×</source>
        <translation>1×</translation>
    </message>
    <message>
        <source>As fast as it was</source>
        <translation>So schnell, wie es war</translation>
    </message>
    <message>
        <source>2×</source>
        <translation>2×</translation>
    </message>
    <message>
        <source>Twice as fast; the pitch stays</source>
        <translation>Doppelt so schnell; die Tonhöhe bleibt</translation>
    </message>
    <message>
        <source>Shuttle back</source>
        <translation>Rücklauf</translation>
    </message>
    <message>
        <source>Faster and faster backwards</source>
        <translation>Immer schneller rückwärts</translation>
    </message>
    <message>
        <source>shuttle back, shuttle on</source>
        <translation>Rücklauf, Vorlauf</translation>
    </message>
    <message>
        <source>Shuttle on</source>
        <translation>Vorlauf</translation>
    </message>
    <message>
        <source>Faster and faster onwards</source>
        <translation>Immer schneller vorwärts</translation>
    </message>
    <message>
        <source>loop</source>
        <translation>Schleife</translation>
    </message>
    <message>
        <source>Round and round the selected stretch, or a second either side of the playhead. Shift-drag on the camera&apos;s sound selects.</source>
        <translation>Die ausgewählte Strecke immer wieder, oder eine Sekunde um den Abspielkopf. Ziehen mit Umschalt auf dem Kameraton wählt aus.</translation>
    </message>
    <message>
        <source>same loudness</source>
        <translation>gleich laut</translation>
    </message>
    <message>
        <source>Both at the same loudness, or as they are in their files</source>
        <translation>Beide gleich laut, oder wie in ihren Dateien</translation>
    </message>
    <message>
        <source>both at the same loudness</source>
        <translation>beide gleich laut</translation>
    </message>
    <message>
        <source>◂</source>
        <translation>◂</translation>
    </message>
    <message>
        <source>One picture frame back</source>
        <translation>Ein Bild zurück</translation>
    </message>
    <message>
        <source>one picture frame back, on</source>
        <translation>ein Bild zurück, weiter</translation>
    </message>
    <message>
        <source>▸</source>
        <translation>▸</translation>
    </message>
    <message>
        <source>One picture frame on</source>
        <translation>Ein Bild weiter</translation>
    </message>
    <message>
        <source>Whole take</source>
        <translation>Ganzer Take</translation>
    </message>
    <message>
        <source>Show all of the take</source>
        <translation>Den ganzen Take zeigen</translation>
    </message>
    <message>
        <source>the whole take</source>
        <translation>der ganze Take</translation>
    </message>
    <message>
        <source>Overlap</source>
        <translation>Überlappung</translation>
    </message>
    <message>
        <source>Show what has clean sound</source>
        <translation>Zeigen, was sauberen Ton hat</translation>
    </message>
    <message>
        <source>what has clean sound</source>
        <translation>was sauberen Ton hat</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>Show all marks</source>
        <translation>Alle Marken zeigen</translation>
    </message>
    <message>
        <source>all marks</source>
        <translation>alle Marken</translation>
    </message>
    <message>
        <source>Claps</source>
        <translation>Klatscher</translation>
    </message>
    <message>
        <source>Show the pair of claps nearest to the playhead</source>
        <translation>Das Paar Klatscher zeigen, das dem Abspielkopf am nächsten ist</translation>
    </message>
    <message>
        <source>the nearest pair of claps</source>
        <translation>das nächste Paar Klatscher</translation>
    </message>
    <message>
        <source>Close up</source>
        <translation>Nah</translation>
    </message>
    <message>
        <source>Show 0.4 s around the playhead</source>
        <translation>0,4 s um den Abspielkopf zeigen</translation>
    </message>
    <message>
        <source>close up, at the playhead</source>
        <translation>nah, am Abspielkopf</translation>
    </message>
    <message>
        <source>Samples</source>
        <translation>Samples</translation>
    </message>
    <message>
        <source>Show single samples at the playhead</source>
        <translation>Einzelne Samples am Abspielkopf zeigen</translation>
    </message>
    <message>
        <source>single samples there</source>
        <translation>einzelne Samples dort</translation>
    </message>
    <message>
        <source>large</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>The seam gets the whole bench; once more gives it back</source>
        <translation>Die Naht bekommt die ganze Werkbank; noch einmal gibt sie zurück</translation>
    </message>
    <message>
        <source>the seam on the whole bench</source>
        <translation>die Naht auf der ganzen Werkbank</translation>
    </message>
    <message>
        <source>Large picture</source>
        <translation>Großes Bild</translation>
    </message>
    <message>
        <source>The picture gets the whole bench; once more gives it back</source>
        <translation>Das Bild bekommt die ganze Werkbank; noch einmal gibt sie zurück</translation>
    </message>
    <message>
        <source>the picture on the whole bench</source>
        <translation>das Bild auf der ganzen Werkbank</translation>
    </message>
    <message>
        <source>equal heights</source>
        <translation>gleiche Höhen</translation>
    </message>
    <message>
        <source>What is in view fills its room on both sides</source>
        <translation>Was zu sehen ist, füllt auf beiden Seiten seinen Raum</translation>
    </message>
    <message>
        <source>shared sound</source>
        <translation>gemeinsamer Ton</translation>
    </message>
    <message>
        <source>Show only what both sounds have in common: what begins when, without echo and noise</source>
        <translation>Nur zeigen, was beide Töne gemeinsam haben: was wann beginnt, ohne Hall und Rauschen</translation>
    </message>
    <message>
        <source>only what both have in common</source>
        <translation>nur was beide gemeinsam haben</translation>
    </message>
    <message>
        <source>Clean sound one frame earlier</source>
        <translation>Sauberer Ton ein Bild früher</translation>
    </message>
    <message>
        <source>one frame earlier, later</source>
        <translation>ein Bild früher, später</translation>
    </message>
    <message>
        <source>Clean sound one frame later</source>
        <translation>Sauberer Ton ein Bild später</translation>
    </message>
    <message>
        <source>Clean sound one millisecond earlier</source>
        <translation>Sauberer Ton eine Millisekunde früher</translation>
    </message>
    <message>
        <source>one millisecond</source>
        <translation>eine Millisekunde</translation>
    </message>
    <message>
        <source>Clean sound one millisecond later</source>
        <translation>Sauberer Ton eine Millisekunde später</translation>
    </message>
    <message>
        <source>Clean sound one sample earlier</source>
        <translation>Sauberer Ton ein Sample früher</translation>
    </message>
    <message>
        <source>one sample</source>
        <translation>ein Sample</translation>
    </message>
    <message>
        <source>Clean sound one sample later</source>
        <translation>Sauberer Ton ein Sample später</translation>
    </message>
    <message>
        <source>Clean sound one step of your own earlier</source>
        <translation>Sauberer Ton einen eigenen Schritt früher</translation>
    </message>
    <message>
        <source>a step of your own</source>
        <translation>ein eigener Schritt</translation>
    </message>
    <message>
        <source>Clean sound one step of your own later</source>
        <translation>Sauberer Ton einen eigenen Schritt später</translation>
    </message>
    <message>
        <source>Search again</source>
        <translation>Noch einmal suchen</translation>
    </message>
    <message>
        <source>Search once more, narrowed down: this stretch, near here, by claps, by another channel</source>
        <translation>Noch einmal suchen, enger: diese Strecke, in der Nähe, nach Klatschern, nach einem anderen Kanal</translation>
    </message>
    <message>
        <source>search again, narrowed down</source>
        <translation>noch einmal suchen, enger</translation>
    </message>
    <message>
        <source>Next place</source>
        <translation>Nächste Stelle</translation>
    </message>
    <message>
        <source>Try the place that came closest after this one</source>
        <translation>Die Stelle probieren, die dieser am nächsten kam</translation>
    </message>
    <message>
        <source>try the next place</source>
        <translation>die nächste Stelle probieren</translation>
    </message>
    <message>
        <source>Back to the found place</source>
        <translation>Zurück zur gefundenen Stelle</translation>
    </message>
    <message>
        <source>Undo the movement by hand</source>
        <translation>Die Verschiebung von Hand zurücknehmen</translation>
    </message>
    <message>
        <source>back to the found place</source>
        <translation>zurück zur gefundenen Stelle</translation>
    </message>
    <message>
        <source>Hands meet here</source>
        <translation>Hände treffen sich hier</translation>
    </message>
    <message>
        <source>The picture at the playhead shows the hands meeting: measure the distance by the clap</source>
        <translation>Das Bild am Abspielkopf zeigt, wie sich die Hände treffen: die Entfernung am Klatscher messen</translation>
    </message>
    <message>
        <source>the hands meet in this picture</source>
        <translation>die Hände treffen sich in diesem Bild</translation>
    </message>
    <message>
        <source>Tether</source>
        <translation>Binden</translation>
    </message>
    <message>
        <source>Lock picture and clean sound together</source>
        <translation>Bild und sauberen Ton aneinander festmachen</translation>
    </message>
    <message>
        <source>tether; untether</source>
        <translation>binden; lösen</translation>
    </message>
    <message>
        <source>Untether</source>
        <translation>Lösen</translation>
    </message>
    <message>
        <source>Unlock them, to change the place; the tether is remembered</source>
        <translation>Freigeben, um den Platz zu ändern; die Bindung bleibt in Erinnerung</translation>
    </message>
    <message>
        <source>Back to the tether</source>
        <translation>Zurück zur Bindung</translation>
    </message>
    <message>
        <source>Where it was when it was tethered, to the sample</source>
        <translation>Wo er war, als er gebunden wurde, auf das Sample genau</translation>
    </message>
    <message>
        <source>back to the tether</source>
        <translation>zurück zur Bindung</translation>
    </message>
    <message>
        <source>Place it by hand</source>
        <translation>Von Hand legen</translation>
    </message>
    <message>
        <source>Lay the take on a recording and move it there</source>
        <translation>Den Take auf eine Aufnahme legen und dort verschieben</translation>
    </message>
    <message>
        <source>Copy figures</source>
        <translation>Zahlen kopieren</translation>
    </message>
    <message>
        <source>All that the card says, as text</source>
        <translation>Alles, was die Karte sagt, als Text</translation>
    </message>
    <message>
        <source>copy what the card says</source>
        <translation>kopieren, was die Karte sagt</translation>
    </message>
    <message>
        <source>Mark the camera&apos;s sound</source>
        <translation>Den Kameraton markieren</translation>
    </message>
    <message>
        <source>Put a mark on the camera&apos;s sound; it settles on the nearest onset</source>
        <translation>Eine Marke auf den Kameraton setzen; sie rastet am nächsten Einsatz ein</translation>
    </message>
    <message>
        <source>mark the camera&apos;s sound</source>
        <translation>den Kameraton markieren</translation>
    </message>
    <message>
        <source>Mark the clean sound</source>
        <translation>Den sauberen Ton markieren</translation>
    </message>
    <message>
        <source>Put a mark on the clean sound; it settles on the nearest onset</source>
        <translation>Eine Marke auf den sauberen Ton setzen; sie rastet am nächsten Einsatz ein</translation>
    </message>
    <message>
        <source>mark the clean sound</source>
        <translation>den sauberen Ton markieren</translation>
    </message>
    <message>
        <source>Mark the camera&apos;s sound exactly here</source>
        <translation>Den Kameraton genau hier markieren</translation>
    </message>
    <message>
        <source>Put a mark on the camera&apos;s sound, at the playhead</source>
        <translation>Eine Marke auf den Kameraton setzen, am Abspielkopf</translation>
    </message>
    <message>
        <source>the same, exactly there</source>
        <translation>dasselbe, genau dort</translation>
    </message>
    <message>
        <source>Mark the clean sound exactly here</source>
        <translation>Den sauberen Ton genau hier markieren</translation>
    </message>
    <message>
        <source>Put a mark on the clean sound, at the playhead</source>
        <translation>Eine Marke auf den sauberen Ton setzen, am Abspielkopf</translation>
    </message>
    <message>
        <source>Put the claps together</source>
        <translation>Klatscher zusammenlegen</translation>
    </message>
    <message>
        <source>Lay the claps found in both sounds upon each other. With marks of your own those count instead.</source>
        <translation>Die Klatscher beider Töne aufeinanderlegen. Mit eigenen Marken zählen stattdessen diese.</translation>
    </message>
    <message>
        <source>put marks or claps together</source>
        <translation>Marken oder Klatscher zusammenlegen</translation>
    </message>
    <message>
        <source>1 place</source>
        <translation>1 Platz</translation>
    </message>
    <message>
        <source>Where does it fall?</source>
        <translation>Wohin fällt er?</translation>
    </message>
    <message>
        <source>the steps: place, check, sound, trim</source>
        <translation>die Schritte: Platz, prüfen, Ton, kürzen</translation>
    </message>
    <message>
        <source>2 check</source>
        <translation>2 prüfen</translation>
    </message>
    <message>
        <source>Is it right, to the end?</source>
        <translation>Stimmt es, bis zum Ende?</translation>
    </message>
    <message>
        <source>3 sound</source>
        <translation>3 Ton</translation>
    </message>
    <message>
        <source>What shall it sound like?</source>
        <translation>Wie soll es klingen?</translation>
    </message>
    <message>
        <source>4 trim</source>
        <translation>4 kürzen</translation>
    </message>
    <message>
        <source>What is kept?</source>
        <translation>Was bleibt?</translation>
    </message>
    <message>
        <source>Cut at the playhead</source>
        <translation>Am Abspielkopf schneiden</translation>
    </message>
    <message>
        <source>cut at the playhead</source>
        <translation>am Abspielkopf schneiden</translation>
    </message>
    <message>
        <source>Drop the piece at the playhead</source>
        <translation>Das Stück am Abspielkopf weglassen</translation>
    </message>
    <message>
        <source>drop the piece there</source>
        <translation>das Stück dort weglassen</translation>
    </message>
    <message>
        <source>Bring back what was dropped here</source>
        <translation>Zurückholen, was hier weggelassen wurde</translation>
    </message>
    <message>
        <source>bring it back</source>
        <translation>es zurückholen</translation>
    </message>
    <message>
        <source>Trim away what is before the playhead</source>
        <translation>Wegkürzen, was vor dem Abspielkopf ist</translation>
    </message>
    <message>
        <source>trim what is before, after</source>
        <translation>wegkürzen, was davor, danach ist</translation>
    </message>
    <message>
        <source>Trim away what is after the playhead</source>
        <translation>Wegkürzen, was nach dem Abspielkopf ist</translation>
    </message>
    <message>
        <source>Keep the selection only</source>
        <translation>Nur die Auswahl behalten</translation>
    </message>
    <message>
        <source>Keep the shared part</source>
        <translation>Den gemeinsamen Teil behalten</translation>
    </message>
    <message>
        <source>Keep the whole take again</source>
        <translation>Wieder den ganzen Take behalten</translation>
    </message>
    <message>
        <source>Cuts settle on pauses and onsets</source>
        <translation>Schnitte rasten an Pausen und Einsätzen ein</translation>
    </message>
    <message>
        <source>Name their camera…</source>
        <translation>Ihre Kamera nennen…</translation>
    </message>
    <message>
        <source>Say which camera the selected takes are from</source>
        <translation>Sagen, von welcher Kamera die ausgewählten Takes sind</translation>
    </message>
    <message>
        <source>Treat as one take</source>
        <translation>Als einen Take behandeln</translation>
    </message>
    <message>
        <source>The camera split one take into these files: one line for all of them</source>
        <translation>Die Kamera hat einen Take auf diese Dateien verteilt: eine Linie für alle</translation>
    </message>
    <message>
        <source>Treat as a take of its own</source>
        <translation>Als Take für sich behandeln</translation>
    </message>
    <message>
        <source>Let this file go its own way again</source>
        <translation>Diese Datei wieder ihren eigenen Weg gehen lassen</translation>
    </message>
    <message>
        <source>Only its sound is wanted</source>
        <translation>Nur ihr Ton ist gefragt</translation>
    </message>
    <message>
        <source>Use the video as a recording</source>
        <translation>Das Video als Aufnahme verwenden</translation>
    </message>
    <message>
        <source>It is a take after all</source>
        <translation>Es ist doch ein Take</translation>
    </message>
    <message>
        <source>Use the recording&apos;s video as a take</source>
        <translation>Das Video der Aufnahme als Take verwenden</translation>
    </message>
    <message>
        <source>Swap for a repaired copy…</source>
        <translation>Gegen reparierte Kopie tauschen…</translation>
    </message>
    <message>
        <source>Put another file in this recording&apos;s place; takes stay where they are</source>
        <translation>Eine andere Datei an die Stelle dieser Aufnahme setzen; die Takes bleiben, wo sie sind</translation>
    </message>
    <message>
        <source>Look again</source>
        <translation>Noch einmal lesen</translation>
    </message>
    <message>
        <source>Read what could not be read: the card is in again, or the copy is there</source>
        <translation>Lesen, was nicht gelesen werden konnte: die Karte steckt wieder, oder die Kopie ist da</translation>
    </message>
    <message>
        <source>Remove from the shoot</source>
        <translation>Aus dem Shoot nehmen</translation>
    </message>
    <message>
        <source>The files themselves stay where they are</source>
        <translation>Die Dateien selbst bleiben, wo sie sind</translation>
    </message>
    <message>
        <source>Choose the folder…</source>
        <translation>Ordner wählen…</translation>
    </message>
    <message>
        <source>Where the files are written</source>
        <translation>Wohin die Dateien geschrieben werden</translation>
    </message>
    <message>
        <source>Write</source>
        <translation>Schreiben</translation>
    </message>
    <message>
        <source>Write the files of the list</source>
        <translation>Die Dateien der Liste schreiben</translation>
    </message>
    <message>
        <source>Stop writing</source>
        <translation>Schreiben anhalten</translation>
    </message>
    <message>
        <source>What is whole stays; nothing half-written is left</source>
        <translation>Was ganz ist, bleibt; nichts halb Geschriebenes bleibt zurück</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>What failed or was stopped, once more</source>
        <translation>Was fehlschlug oder angehalten wurde, noch einmal</translation>
    </message>
    <message>
        <source>Leave what failed as it is, and choose anew what is written</source>
        <translation>Lassen, was fehlschlug, und neu wählen, was geschrieben wird</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Ordner öffnen</translation>
    </message>
    <message>
        <source>Where the files are</source>
        <translation>Wo die Dateien sind</translation>
    </message>
    <message>
        <source>Open the report</source>
        <translation>Bericht öffnen</translation>
    </message>
    <message>
        <source>The page with pictures</source>
        <translation>Die Seite mit Bildern</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Back to the take; what is being written goes on</source>
        <translation>Zurück zum Take; was geschrieben wird, läuft weiter</translation>
    </message>
    <message>
        <source>By the time stamps</source>
        <translation>Nach den Zeitstempeln</translation>
    </message>
    <message>
        <source>Lay the take where the time stamps of the two files have it</source>
        <translation>Den Take dahin legen, wo ihn die Zeitstempel der beiden Dateien haben</translation>
    </message>
    <message>
        <source>Both starts together</source>
        <translation>Beide Anfänge zusammen</translation>
    </message>
    <message>
        <source>Lay the take so that it begins with the recording</source>
        <translation>Den Take so legen, dass er mit der Aufnahme beginnt</translation>
    </message>
    <message>
        <source>Both ends together</source>
        <translation>Beide Enden zusammen</translation>
    </message>
    <message>
        <source>Lay the take so that it ends with the recording</source>
        <translation>Den Take so legen, dass er mit der Aufnahme endet</translation>
    </message>
    <message>
        <source>next not heard</source>
        <translation>nächster ungehörter</translation>
    </message>
    <message>
        <source>Go to the next take that nobody listened to where it lies</source>
        <translation>Zum nächsten Take gehen, in den dort, wo er liegt, niemand hineingehört hat</translation>
    </message>
    <message>
        <source>the next take that nobody listened to</source>
        <translation>der nächste Take, in den niemand hineingehört hat</translation>
    </message>
    <message>
        <source>By a clap of each</source>
        <translation>Mit je einem Klatscher</translation>
    </message>
    <message>
        <source>Put the clap or mark nearest to the playhead upon that of the recording nearest to where its playhead was left</source>
        <translation>Den Klatscher oder die Marke beim Abspielkopf auf den der Aufnahme legen, bei dem deren Abspielkopf zuletzt stand</translation>
    </message>
    <message>
        <source>Lay it there</source>
        <translation>Dahin legen</translation>
    </message>
    <message>
        <source>Lay the take so that it begins at the typed time of the recording</source>
        <translation>Den Take so legen, dass er zur eingetippten Zeit der Aufnahme beginnt</translation>
    </message>
    <message>
        <source>Lay a take here</source>
        <translation>Einen Take hierher legen</translation>
    </message>
    <message>
        <source>A take that begins at the playhead of this recording</source>
        <translation>Ein Take, der am Abspielkopf dieser Aufnahme beginnt</translation>
    </message>
    <message>
        <source>Lay a take by its clap</source>
        <translation>Einen Take mit seinem Klatscher legen</translation>
    </message>
    <message>
        <source>A take whose clap or mark, nearest to where its playhead was left, falls on the one here nearest to the playhead</source>
        <translation>Ein Take, dessen Klatscher oder Marke bei seinem letzten Abspielkopf auf den hier beim Abspielkopf fällt</translation>
    </message>
    <message>
        <source>Silence the clean sound here</source>
        <translation>Den sauberen Ton hier stumm schalten</translation>
    </message>
    <message>
        <source>Silence the selected stretch of the clean sound, or the clap at the playhead, with soft edges</source>
        <translation>Die ausgewählte Strecke des sauberen Tons stumm schalten, oder den Klatscher am Abspielkopf, mit weichen Rändern</translation>
    </message>
    <message>
        <source>silence a stretch; let it be heard</source>
        <translation>eine Strecke stumm schalten; sie hören lassen</translation>
    </message>
    <message>
        <source>…the camera&apos;s</source>
        <translation>… den der Kamera</translation>
    </message>
    <message>
        <source>Silence the selected stretch of the camera&apos;s sound, or the clap at the playhead</source>
        <translation>Die ausgewählte Strecke des Kameratons stumm schalten, oder den Klatscher am Abspielkopf</translation>
    </message>
    <message>
        <source>…both</source>
        <translation>… beide</translation>
    </message>
    <message>
        <source>Silence the selected stretch of both sounds, or the clap at the playhead</source>
        <translation>Die ausgewählte Strecke beider Töne stumm schalten, oder den Klatscher am Abspielkopf</translation>
    </message>
    <message>
        <source>Let it be heard</source>
        <translation>Hören lassen</translation>
    </message>
    <message>
        <source>What is quiet at the playhead or in the selection is heard again, a clap although others are silenced</source>
        <translation>Was am Abspielkopf oder in der Auswahl leise ist, wird wieder gehört; ein Klatscher, obwohl andere stumm sind</translation>
    </message>
    <message>
        <source>Skip what was cut</source>
        <translation>Geschnittenes überspringen</translation>
    </message>
    <message>
        <source>Playing leaves out what is not kept, as the pieces joined would sound</source>
        <translation>Beim Abspielen fehlt, was nicht behalten wird, wie die Stücke zusammengefügt klängen</translation>
    </message>
    <message>
        <source>playing skips what was cut</source>
        <translation>Abspielen überspringt Geschnittenes</translation>
    </message>
    <message>
        <source>Other camera beside</source>
        <translation>Andere Kamera daneben</translation>
    </message>
    <message>
        <source>Another camera&apos;s picture at the same moment, beside this one</source>
        <translation>Das Bild einer anderen Kamera im selben Augenblick, neben diesem</translation>
    </message>
    <message>
        <source>the other camera&apos;s picture beside</source>
        <translation>das Bild der anderen Kamera daneben</translation>
    </message>
    <message>
        <source>Name, scene, note…</source>
        <translation>Name, Szene, Notiz…</translation>
    </message>
    <message>
        <source>Write down a name, scene and take, whether it was good, and a note</source>
        <translation>Name, Szene und Take aufschreiben, ob es gut war, und eine Notiz</translation>
    </message>
    <message>
        <source>name, scene and note of a file</source>
        <translation>Name, Szene und Notiz einer Datei</translation>
    </message>
    <message>
        <source>Search by channel…</source>
        <translation>Suchen nach Kanal…</translation>
    </message>
    <message>
        <source>Which channel of the selected files a search listens to</source>
        <translation>Welchen Kanal der gewählten Dateien eine Suche hört</translation>
    </message>
    <message>
        <source>Relink an edit…</source>
        <translation>Schnitt neu verknüpfen…</translation>
    </message>
    <message>
        <source>An OpenTimelineIO timeline begun on the takes as they are: written once more, with every clip on the new files</source>
        <translation>Eine OpenTimelineIO-Timeline, auf den Takes begonnen, wie sie sind: noch einmal geschrieben, mit jedem Clip auf den neuen Dateien</translation>
    </message>
    <message>
        <source>Call it…</source>
        <translation>Benennen…</translation>
    </message>
    <message>
        <source>Give the file that is selected in the list a name of its own</source>
        <translation>Der in der Liste gewählten Datei einen eigenen Namen geben</translation>
    </message>
    <message>
        <source>Copy the files</source>
        <translation>Dateien kopieren</translation>
    </message>
    <message>
        <source>What was written, to be pasted into a folder or another program</source>
        <translation>Was geschrieben ist, zum Einfügen in einen Ordner oder ein anderes Programm</translation>
    </message>
    <message>
        <source>Lower it by</source>
        <translation>Leiser um</translation>
    </message>
    <message>
        <source>Lower the selected stretch of the clean sound, or the clap at the playhead, by so many dB</source>
        <translation>Den gewählten Abschnitt des sauberen Tons, oder den Klatscher am Abspielkopf, um so viele dB leiser machen</translation>
    </message>
    <message>
        <source>New export</source>
        <translation>Neuer Export</translation>
    </message>
</context>
<context>
    <name>brisk::app::Bench</name>
    <message>
        <source>What is known of this take stands here in words, and the one thing to do next is the green button.</source>
        <translation>Was über diesen Take bekannt ist, steht hier in Worten, und was als Nächstes zu tun ist, ist der grüne Knopf.</translation>
    </message>
    <message>
        <source>The camera&apos;s sound grows upwards, the recorder&apos;s clean sound downwards. When they are in place, one is the reflection of the other. Turn the wheel to come closer.</source>
        <translation>Der Kameraton wächst nach oben, der saubere Ton des Rekorders nach unten. Am richtigen Platz ist einer das Spiegelbild des anderen. Das Mausrad bringt Sie näher.</translation>
    </message>
    <message>
        <source>Four steps in the order of work: where it falls, whether it fits to the end, what it shall sound like, what is kept.</source>
        <translation>Vier Schritte in der Reihenfolge der Arbeit: wohin er fällt, ob es bis zum Ende stimmt, wie es klingen soll, was bleibt.</translation>
    </message>
    <message>
        <source>Where does it fall?</source>
        <translation>Wohin fällt er?</translation>
    </message>
    <message>
        <source>near where it is</source>
        <translation>in der Nähe</translation>
    </message>
    <message>
        <source>by this stretch of the take</source>
        <translation>nach dieser Strecke des Takes</translation>
    </message>
    <message>
        <source>by this stretch, near where it is</source>
        <translation>nach dieser Strecke, in der Nähe</translation>
    </message>
    <message>
        <source>by claps alone</source>
        <translation>nur nach Klatschern</translation>
    </message>
    <message>
        <source>by channel %1 of the camera</source>
        <translation>nach Kanal %1 der Kamera</translation>
    </message>
    <message>
        <source>by channel %1 of the recording</source>
        <translation>nach Kanal %1 der Aufnahme</translation>
    </message>
    <message>
        <source>Which take belongs here?</source>
        <translation>Welcher Take gehört hierher?</translation>
    </message>
    <message>
        <source>%1 A search uses what is kept alone.</source>
        <translation>%1 Eine Suche nutzt nur, was bleibt.</translation>
    </message>
    <message>
        <source>Drag the clean sound until the two face each other, then listen.</source>
        <translation>Ziehen Sie den sauberen Ton, bis beide einander gegenüberstehen, dann hören Sie hin.</translation>
    </message>
</context>
<context>
    <name>brisk::app::ChannelMenu</name>
    <message>
        <source>channels: which</source>
        <translation>Kanäle: welche</translation>
    </message>
    <message>
        <source>Some of the recording&apos;s channels, mixed, on both sides</source>
        <translation>Einige Kanäle der Aufnahme, gemischt, auf beiden Seiten</translation>
    </message>
    <message>
        <source>channels…</source>
        <translation>Kanäle…</translation>
    </message>
    <message>
        <source>channels %1…</source>
        <translation>Kanäle %1…</translation>
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
        <translation>ein anderes…</translation>
    </message>
    <message>
        <source>There is no recording yet. Is the clean sound in one of these videos? Its sound is then used, and its picture left out.</source>
        <translation>Es gibt noch keine Aufnahme. Ist der saubere Ton in einem dieser Videos? Dann wird sein Ton benutzt und sein Bild weggelassen.</translation>
    </message>
    <message>
        <source>In %1: it sounds closest</source>
        <translation>In %1: klingt am nächsten</translation>
    </message>
</context>
<context>
    <name>brisk::app::CutTools</name>
    <message>
        <source>Cut %1 later, where it is heard least.</source>
        <translation>%1 später schneiden, wo es am wenigsten zu hören ist.</translation>
    </message>
    <message>
        <source>Cut %1 earlier, where it is heard least.</source>
        <translation>%1 früher schneiden, wo es am wenigsten zu hören ist.</translation>
    </message>
    <message>
        <source>Nothing was changed: less than one picture would be kept.</source>
        <translation>Nichts wurde geändert: Es bliebe weniger als ein Bild.</translation>
    </message>
</context>
<context>
    <name>brisk::app::DayMap</name>
    <message>
        <source>Day map: recordings, and the takes where they belong</source>
        <translation>Tageskarte: Aufnahmen, und die Takes, wo sie hingehören</translation>
    </message>
    <message>
        <source>no place · %1</source>
        <translation>kein Platz · %1</translation>
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
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>Sound needs 2.9 ms a metre, so a far camera hears late. With the distance the clean sound fits the picture, not the camera&apos;s microphone.</source>
        <translation>Schall braucht 2,9 ms je Meter, eine ferne Kamera hört also spät. Mit der Entfernung passt der saubere Ton zum Bild statt zum Mikrofon der Kamera.</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>Distance from the subject to the camera, in feet</source>
        <translation>Entfernung vom Motiv zur Kamera, in Fuß</translation>
    </message>
    <message>
        <source>Distance from the subject to the camera, in metres</source>
        <translation>Entfernung vom Motiv zur Kamera, in Metern</translation>
    </message>
    <message>
        <source>clean sound %1 earlier, as the picture has it</source>
        <translation>sauberer Ton %1 früher, wie das Bild ihn hat</translation>
    </message>
    <message>
        <source>not set: fits the camera&apos;s microphone</source>
        <translation>nicht gesetzt: passt zum Mikrofon der Kamera</translation>
    </message>
    <message>
        <source>Type feet, such as 14</source>
        <translation>Tippen Sie Fuß, etwa 14</translation>
    </message>
    <message>
        <source>Type metres, such as %1</source>
        <translation>Tippen Sie Meter, etwa %1</translation>
    </message>
    <message>
        <source>No clap or mark is near this picture: put a mark on it first.</source>
        <translation>Kein Klatscher und keine Marke ist bei diesem Bild: setzen Sie zuerst eine Marke darauf.</translation>
    </message>
</context>
<context>
    <name>brisk::app::EmptyBench</name>
    <message>
        <source>Drop the files of both cards here</source>
        <translation>Ziehen Sie die Dateien beider Karten hierher</translation>
    </message>
    <message>
        <source>The recorder&apos;s sound is here. Now add the camera&apos;s files.</source>
        <translation>Der Ton des Rekorders ist da. Fügen Sie nun die Dateien der Kamera hinzu.</translation>
    </message>
    <message>
        <source>1  Add the camera&apos;s takes and the recorder&apos;s sound, in any order.
2  Find matches: every take goes to its place. Look and listen.
3  Tether what fits, and export it with the clean sound.

Nothing is changed on the cards.</source>
        <translation>1  Fügen Sie die Takes der Kamera und den Ton des Rekorders hinzu, in beliebiger Reihenfolge.
2  Plätze suchen: jeder Take geht an seinen Platz. Sehen und hören Sie hin.
3  Binden Sie, was passt, und exportieren Sie es mit dem sauberen Ton.

Auf den Karten wird nichts geändert.</translation>
    </message>
    <message>
        <source>Go on with the unsaved shoot of %1</source>
        <translation>Mit dem nicht gespeicherten Shoot von %1 weitermachen</translation>
    </message>
    <message>
        <source>Open %1, in %2</source>
        <translation>%1 öffnen, in %2</translation>
    </message>
</context>
<context>
    <name>brisk::app::FileNotes</name>
    <message>
        <source>Dismiss</source>
        <translation>Ausblenden</translation>
    </message>
</context>
<context>
    <name>brisk::app::Filmstrip</name>
    <message>
        <source>Filmstrip</source>
        <translation>Filmstreifen</translation>
    </message>
</context>
<context>
    <name>brisk::app::FirstLook</name>
    <message>
        <source>Where to look</source>
        <translation>Wohin man sieht</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Anfangen</translation>
    </message>
</context>
<context>
    <name>brisk::app::FrameTip</name>
    <message>
        <source>Picture under the pointer</source>
        <translation>Bild unter dem Zeiger</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>Bild %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::GuidePage</name>
    <message>
        <source>Guide</source>
        <translation>Anleitung</translation>
    </message>
    <message>
        <source>Your first shoot</source>
        <translation>Ihr erster Shoot</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>Far cameras</source>
        <translation>Ferne Kameras</translation>
    </message>
    <message>
        <source>Long recordings</source>
        <translation>Lange Aufnahmen</translation>
    </message>
    <message>
        <source>Exports for editing</source>
        <translation>Exporte für den Schnitt</translation>
    </message>
    <message>
        <source>When it says no</source>
        <translation>Wenn es nein sagt</translation>
    </message>
    <message>
        <source>Pages of the guide</source>
        <translation>Seiten der Anleitung</translation>
    </message>
    <message>
        <source>:/guide/%1.md</source>
        <comment>A page of the guide in this language</comment>
        <translation>:/guide/%1.de.md</translation>
    </message>
</context>
<context>
    <name>brisk::app::HandOverDesk</name>
    <message>
        <source>Writing %1</source>
        <translation>%1 wird geschrieben</translation>
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
        <translation>Dateien, die geschrieben werden</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>video</source>
        <translation>Video</translation>
    </message>
    <message>
        <source>MOV</source>
        <translation>MOV</translation>
    </message>
    <message>
        <source>QuickTime: everything that edits opens it</source>
        <translation>QuickTime: jedes Schnittprogramm öffnet es</translation>
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
        <translation>wie der Take</translation>
    </message>
    <message>
        <source>The container that the camera wrote</source>
        <translation>Der Container, den die Kamera schrieb</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>No videos</source>
        <translation>Keine Videos</translation>
    </message>
    <message>
        <source>its sound</source>
        <translation>sein Ton</translation>
    </message>
    <message>
        <source>as it is, 24-bit</source>
        <translation>wie er ist, 24 Bit</translation>
    </message>
    <message>
        <source>32-bit float</source>
        <translation>32 Bit Gleitkomma</translation>
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
        <translation>Nichts geht verloren</translation>
    </message>
    <message>
        <source>Small, hardly to be told from the original</source>
        <translation>Klein, vom Original kaum zu unterscheiden</translation>
    </message>
    <message>
        <source>pieces begin</source>
        <translation>Stücke beginnen</translation>
    </message>
    <message>
        <source>at the cut</source>
        <translation>am Schnitt</translation>
    </message>
    <message>
        <source>Picture untouched in MOV and MP4, which can hide what comes before; in others it is re-encoded where the cut is not at a key frame</source>
        <translation>Bild unberührt in MOV und MP4, die verbergen können, was davor kommt; in anderen neu kodiert, wo der Schnitt nicht an einem Schlüsselbild liegt</translation>
    </message>
    <message>
        <source>at the cut, re-encoded</source>
        <translation>am Schnitt, neu kodiert</translation>
    </message>
    <message>
        <source>For programs that show what a MOV hides: slow, and the picture is not the take&apos;s own, though hardly to be told from it</source>
        <translation>Für Programme, die zeigen, was ein MOV verbirgt: langsam, und das Bild ist nicht das des Takes, wenn auch kaum davon zu unterscheiden</translation>
    </message>
    <message>
        <source>at the key frame before</source>
        <translation>am Schlüsselbild davor</translation>
    </message>
    <message>
        <source>Picture untouched, quick; a piece begins a little before its cut</source>
        <translation>Bild unberührt, schnell; ein Stück beginnt etwas vor seinem Schnitt</translation>
    </message>
    <message>
        <source>sound alone</source>
        <translation>Ton allein</translation>
    </message>
    <message>
        <source>No sound files</source>
        <translation>Keine Tondateien</translation>
    </message>
    <message>
        <source>WAV</source>
        <translation>WAV</translation>
    </message>
    <message>
        <source>The clean sound alone, as long as each take</source>
        <translation>Der saubere Ton allein, so lang wie jeder Take</translation>
    </message>
    <message>
        <source>WAV, 32-bit float</source>
        <translation>WAV, 32 Bit Gleitkomma</translation>
    </message>
    <message>
        <source>The same; peaks over full scale are kept</source>
        <translation>Dasselbe; Spitzen über Vollaussteuerung bleiben erhalten</translation>
    </message>
    <message>
        <source>The same, half as large, nothing lost</source>
        <translation>Dasselbe, halb so groß, nichts geht verloren</translation>
    </message>
    <message>
        <source>peaks too high</source>
        <translation>zu hohe Spitzen</translation>
    </message>
    <message>
        <source>turn the take down</source>
        <translation>den Take leiser machen</translation>
    </message>
    <message>
        <source>The whole take becomes quieter, so that its highest peak fits; nothing else changes</source>
        <translation>Der ganze Take wird leiser, so dass seine höchste Spitze passt; sonst ändert sich nichts</translation>
    </message>
    <message>
        <source>limit the peaks</source>
        <translation>die Spitzen begrenzen</translation>
    </message>
    <message>
        <source>Each peak is turned down for some milliseconds; the rest stays as loud as it is</source>
        <translation>Jede Spitze wird für einige Millisekunden leiser; der Rest bleibt so laut, wie er ist</translation>
    </message>
    <message>
        <source>let them be cut</source>
        <translation>abschneiden lassen</translation>
    </message>
    <message>
        <source>Peaks are cut at full scale: they will be distorted</source>
        <translation>Spitzen werden an der Vollaussteuerung abgeschnitten: sie verzerren</translation>
    </message>
    <message>
        <source>also write</source>
        <translation>außerdem schreiben</translation>
    </message>
    <message>
        <source>timeline (OTIO)</source>
        <translation>Timeline (OTIO)</translation>
    </message>
    <message>
        <source>Every take in its place on the day, for other programs</source>
        <translation>Jeder Take an seinem Platz am Tag, für andere Programme</translation>
    </message>
    <message>
        <source>edit list (EDL)</source>
        <translation>Schnittliste (EDL)</translation>
    </message>
    <message>
        <source>For programs that open no timeline: one camera, whole frames</source>
        <translation>Für Programme, die keine Timeline öffnen: eine Kamera, ganze Bilder</translation>
    </message>
    <message>
        <source>pointing at the originals</source>
        <translation>auf die Originale verweisend</translation>
    </message>
    <message>
        <source>Timeline and edit list point at the takes and recordings as they are</source>
        <translation>Timeline und Schnittliste verweisen auf die Takes und Aufnahmen, wie sie sind</translation>
    </message>
    <message>
        <source>report</source>
        <translation>Bericht</translation>
    </message>
    <message>
        <source>A page with pictures: what was matched, how well, what was written</source>
        <translation>Eine Seite mit Bildern: was zueinander passte, wie gut, was geschrieben wurde</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>The same as CSV</source>
        <translation>Dasselbe als CSV</translation>
    </message>
    <message>
        <source>JSON</source>
        <translation>JSON</translation>
    </message>
    <message>
        <source>The same for scripts</source>
        <translation>Dasselbe für Skripte</translation>
    </message>
    <message>
        <source>read back</source>
        <translation>zurücklesen</translation>
    </message>
    <message>
        <source>every picture</source>
        <translation>jedes Bild</translation>
    </message>
    <message>
        <source>Every picture and every sound, as the system holds the file</source>
        <translation>Jedes Bild und jeder Ton, wie das System die Datei hält</translation>
    </message>
    <message>
        <source>from the disk</source>
        <translation>von der Platte</translation>
    </message>
    <message>
        <source>The same, after the file was written out and dropped from memory: slower</source>
        <translation>Dasselbe, nachdem die Datei ausgeschrieben und aus dem Speicher entlassen wurde: langsamer</translation>
    </message>
    <message>
        <source>sounds only</source>
        <translation>nur Ton</translation>
    </message>
    <message>
        <source>Quicker: pictures are not compared</source>
        <translation>Schneller: Bilder werden nicht verglichen</translation>
    </message>
    <message>
        <source>SHA-256, too</source>
        <translation>auch SHA-256</translation>
    </message>
    <message>
        <source>A slow check value for those who ask for it; a quick one is always taken</source>
        <translation>Ein langsamer Prüfwert für die, die danach fragen; ein schneller wird immer genommen</translation>
    </message>
    <message>
        <source>names</source>
        <translation>Namen</translation>
    </message>
    <message>
        <source>Pattern of the files&apos; names</source>
        <translation>Muster der Dateinamen</translation>
    </message>
    <message>
        <source>A name for every file; it can hold %1</source>
        <translation>Ein Name für jede Datei; er kann %1 enthalten</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>Write to</source>
        <translation>Schreiben nach</translation>
    </message>
    <message>
        <source>1 file written</source>
        <translation>1 Datei geschrieben</translation>
    </message>
    <message>
        <source>%1 files written</source>
        <translation>%1 Dateien geschrieben</translation>
    </message>
    <message>
        <source>1 being written</source>
        <translation>1 wird geschrieben</translation>
    </message>
    <message>
        <source>%1 being written</source>
        <translation>%1 werden geschrieben</translation>
    </message>
    <message>
        <source>1 waits</source>
        <translation>1 wartet</translation>
    </message>
    <message>
        <source>%1 wait</source>
        <translation>%1 warten</translation>
    </message>
    <message>
        <source>1 could not be written</source>
        <translation>1 konnte nicht geschrieben werden</translation>
    </message>
    <message>
        <source>%1 could not be written</source>
        <translation>%1 konnten nicht geschrieben werden</translation>
    </message>
    <message>
        <source>1 stopped</source>
        <translation>1 angehalten</translation>
    </message>
    <message>
        <source>%1 stopped</source>
        <translation>%1 angehalten</translation>
    </message>
    <message>
        <source>%1 check failed</source>
        <translation>%1 bei der Prüfung durchgefallen</translation>
    </message>
    <message>
        <source>About %1; %2 are free.</source>
        <translation>Etwa %1; %2 sind frei.</translation>
    </message>
    <message>
        <source> 1 file cannot be written, see there.</source>
        <translation> 1 Datei kann nicht geschrieben werden, siehe dort.</translation>
    </message>
    <message>
        <source> %1 files cannot be written, see there.</source>
        <translation> %1 Dateien können nicht geschrieben werden, siehe dort.</translation>
    </message>
    <message>
        <source>this take</source>
        <translation>dieser Take</translation>
    </message>
    <message>
        <source>all tethered (%1)</source>
        <translation>alle gebundenen (%1)</translation>
    </message>
    <message>
        <source>all with a place (%1)</source>
        <translation>alle mit Platz (%1)</translation>
    </message>
    <message>
        <source>Write 1 file</source>
        <translation>1 Datei schreiben</translation>
    </message>
    <message>
        <source>Write %1 files</source>
        <translation>%1 Dateien schreiben</translation>
    </message>
    <message>
        <source>Try again (%1)</source>
        <translation>Noch einmal versuchen (%1)</translation>
    </message>
    <message>
        <source>Stop this file</source>
        <translation>Diese Datei anhalten</translation>
    </message>
    <message>
        <source>Open this file</source>
        <translation>Diese Datei öffnen</translation>
    </message>
    <message>
        <source>Open its folder</source>
        <translation>Ihren Ordner öffnen</translation>
    </message>
    <message>
        <source>gaps closed</source>
        <translation>Lücken geschlossen</translation>
    </message>
    <message>
        <source>In timeline and edit list, what no camera keeps takes no time: the pieces follow each other</source>
        <translation>In Timeline und Schnittliste nimmt keine Zeit ein, was keine Kamera behält: die Stücke folgen aufeinander</translation>
    </message>
    <message>
        <source>to hand on</source>
        <translation>zum Weitergeben</translation>
    </message>
    <message>
        <source>recordings as a whole</source>
        <translation>Aufnahmen als Ganzes</translation>
    </message>
    <message>
        <source>Each recorder&apos;s day as one sound on the clock of the camera, for an edit of your own; where each take begins in it is said</source>
        <translation>Der Tag jedes Rekorders als ein Ton auf der Uhr der Kamera, für einen eigenen Schnitt; wo jeder Take darin beginnt, wird gesagt</translation>
    </message>
    <message>
        <source>a folder of its own</source>
        <translation>ein eigener Ordner</translation>
    </message>
    <message>
        <source>Everything in one folder, named for the shoot, that names its files from there</source>
        <translation>Alles in einem Ordner mit dem Namen des Shoots, der seine Dateien von dort aus nennt</translation>
    </message>
    <message>
        <source>manifest (ASC MHL)</source>
        <translation>Manifest (ASC MHL)</translation>
    </message>
    <message>
        <source>A list of all files with their check values, for whoever gets them</source>
        <translation>Eine Liste aller Dateien mit ihren Prüfwerten, für den, der sie bekommt</translation>
    </message>
    <message>
        <source>An edit begun on the takes</source>
        <translation>Ein Schnitt, auf den Takes begonnen</translation>
    </message>
    <message>
        <source>OpenTimelineIO timeline (*.otio)</source>
        <translation>OpenTimelineIO-Timeline (*.otio)</translation>
    </message>
    <message>
        <source>Call it</source>
        <translation>Benennen</translation>
    </message>
    <message>
        <source>Name of this file, without its ending; empty: as the pattern has it</source>
        <translation>Name dieser Datei, ohne Endung; leer: wie das Muster es will</translation>
    </message>
    <message>
        <source>Relinks %1</source>
        <translation>Verknüpft %1 neu</translation>
    </message>
    <message>
        <source>pieces are</source>
        <translation>Stücke sind</translation>
    </message>
    <message>
        <source>A file for each piece that is kept</source>
        <translation>Eine Datei für jedes behaltene Stück</translation>
    </message>
    <message>
        <source>joined</source>
        <translation>zusammengefügt</translation>
    </message>
    <message>
        <source>All pieces of a take in one file without gaps; re-encoded where a piece begins between key frames</source>
        <translation>Alle Stücke eines Takes in einer Datei ohne Lücken; neu codiert, wo ein Stück zwischen Schlüsselbildern beginnt</translation>
    </message>
    <message>
        <source>each a file</source>
        <translation>je eine Datei</translation>
    </message>
</context>
<context>
    <name>brisk::app::HeaderBar</name>
    <message>
        <source>Open recent</source>
        <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>What just happened</source>
        <translation>Was gerade geschah</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Shoot: %1</source>
        <translation>Shoot: %1</translation>
    </message>
    <message>
        <source>not saved</source>
        <translation>nicht gespeichert</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
</context>
<context>
    <name>brisk::app::KeyPage</name>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>find what it does, or a key</source>
        <translation>finden, was sie tut, oder eine Taste</translation>
    </message>
    <message>
        <source>Find a key by what it does, or by its name</source>
        <translation>Eine Taste finden, danach, was sie tut, oder am Namen</translation>
    </message>
    <message>
        <source>Every key of the window</source>
        <translation>Jede Taste des Fensters</translation>
    </message>
    <message>
        <source>The new key: press it</source>
        <translation>Die neue Taste: drücken Sie sie</translation>
    </message>
    <message>
        <source>Use this key</source>
        <translation>Diese Taste nehmen</translation>
    </message>
    <message>
        <source>No key</source>
        <translation>Keine Taste</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie am Anfang</translation>
    </message>
    <message>
        <source>All as they came</source>
        <translation>Alle wie am Anfang</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Choose a line to change its key.</source>
        <translation>Wählen Sie eine Zeile, um ihre Taste zu ändern.</translation>
    </message>
    <message>
        <source>This key belongs to its place and stays as it is.</source>
        <translation>Diese Taste gehört an ihren Ort und bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Press the new key for “%1” in the field.</source>
        <translation>Drücken Sie im Feld die neue Taste für „%1“.</translation>
    </message>
    <message>
        <source>%1 is needed to move around in every window.</source>
        <translation>%1 wird in jedem Fenster gebraucht, um sich zu bewegen.</translation>
    </message>
    <message>
        <source>%1 does “%2” so far, which would be without it.</source>
        <translation>%1 tut bisher „%2“; das wäre dann ohne Taste.</translation>
    </message>
    <message>
        <source>%1 does “%2” %3, and stays with it.</source>
        <translation>%1 tut „%2“ %3 und bleibt dabei.</translation>
    </message>
    <message>
        <source>%1 is free.</source>
        <translation>%1 ist frei.</translation>
    </message>
</context>
<context>
    <name>brisk::app::ListenBar</name>
    <message>
        <source>Playhead</source>
        <translation>Abspielkopf</translation>
    </message>
    <message>
        <source>What is heard</source>
        <translation>Was zu hören ist</translation>
    </message>
    <message>
        <source>Speed, the pitch stays: as it is, double, half</source>
        <translation>Geschwindigkeit, die Tonhöhe bleibt: normal, doppelt, halb</translation>
    </message>
    <message>
        <source>How far apart around the playhead</source>
        <translation>Wie weit auseinander am Abspielkopf</translation>
    </message>
    <message>
        <source>How far apart the two sounds are around the playhead</source>
        <translation>Wie weit die beiden Töne am Abspielkopf auseinander sind</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>silent: no device</source>
        <translation>still: kein Gerät</translation>
    </message>
    <message>
        <source>No sound device was found. Everything plays, unheard, on a simulated clock.</source>
        <translation>Es wurde kein Tongerät gefunden. Alles läuft, ungehört, nach einer simulierten Uhr.</translation>
    </message>
    <message>
        <source>none here</source>
        <translation>hier keiner</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 weiter weg</translation>
    </message>
</context>
<context>
    <name>brisk::app::LongWork</name>
    <message>
        <source>Done: %1</source>
        <translation>Fertig: %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::LooseWays</name>
    <message>
        <source>Without a search: lay it where it may belong, then move it and listen.</source>
        <translation>Ohne Suche: legen Sie ihn dahin, wo er hingehören mag, dann verschieben Sie ihn und hören hin.</translation>
    </message>
    <message>
        <source>0:12:30.5</source>
        <translation>0:12:30,5</translation>
    </message>
    <message>
        <source>Time of the recording at which the take begins</source>
        <translation>Zeit der Aufnahme, zu der der Take beginnt</translation>
    </message>
    <message>
        <source>Type the time of the recording at which the take begins</source>
        <translation>Tippen Sie die Zeit der Aufnahme ein, zu der der Take beginnt</translation>
    </message>
    <message>
        <source>Without a search: lay the %1 selected takes where they may belong, then move them and listen.</source>
        <translation>Ohne Suche: die %1 ausgewählten Takes dahin legen, wohin sie gehören könnten, dann verschieben und hinhören.</translation>
    </message>
</context>
<context>
    <name>brisk::app::LoudnessMenu</name>
    <message>
        <source>How loud, the balance of camera and clean sound, and where it comes from</source>
        <translation>Wie laut, wie Kamera und sauberer Ton zueinander stehen, und woher es kommt</translation>
    </message>
    <message>
        <source>Volume, balance and sound device</source>
        <translation>Lautstärke, Balance und Tongerät</translation>
    </message>
    <message>
        <source>Volume</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>silent</source>
        <translation>stumm</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie er ist</translation>
    </message>
    <message>
        <source>Balance of both</source>
        <translation>Balance von beiden</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Desktop</translation>
    </message>
    <message>
        <source>volume</source>
        <translation>Lautstärke</translation>
    </message>
    <message>
        <source>volume %1 %</source>
        <translation>Lautstärke %1 %</translation>
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
        <translation>Über Brisk Tether</translation>
    </message>
    <message>
        <source>&lt;b&gt;Brisk Tether %1&lt;/b&gt;&lt;p&gt;Puts clean sound to picture.&lt;p&gt;Free software under the GNU General Public License, version 3 or later. It comes without any warranty.</source>
        <translation>&lt;b&gt;Brisk Tether %1&lt;/b&gt;&lt;p&gt;Legt sauberen Ton unter das Bild.&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später. Ohne jede Gewährleistung.</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 wird geöffnet</translation>
    </message>
    <message>
        <source>Making the demo shoot</source>
        <translation>Das Beispiel wird gemacht</translation>
    </message>
    <message>
        <source>Add takes and recordings</source>
        <translation>Takes und Aufnahmen hinzufügen</translation>
    </message>
    <message>
        <source>Video and sound (*.mp4 *.mov *.mkv *.mts *.m2ts *.ts *.wav *.flac *.mp3 *.m4a *.ogg *.opus *.MP4 *.MOV *.MTS *.WAV);;All files (*)</source>
        <translation>Video und Ton (*.mp4 *.mov *.mkv *.mts *.m2ts *.ts *.wav *.flac *.mp3 *.m4a *.ogg *.opus *.MP4 *.MOV *.MTS *.WAV);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Open a shoot</source>
        <translation>Einen Shoot öffnen</translation>
    </message>
    <message>
        <source>Still at work</source>
        <translation>Noch an der Arbeit</translation>
    </message>
    <message>
        <source>%1. What is whole stays; the rest is stopped, and nothing half-written is left.</source>
        <translation>%1. Was ganz ist, bleibt; der Rest wird angehalten, und nichts halb Geschriebenes bleibt zurück.</translation>
    </message>
    <message>
        <source>Stop it</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Let it finish</source>
        <translation>Zu Ende laufen lassen</translation>
    </message>
    <message>
        <source>Save the shoot</source>
        <translation>Den Shoot speichern</translation>
    </message>
    <message>
        <source>Close the shoot</source>
        <translation>Den Shoot schließen</translation>
    </message>
    <message>
        <source>The shoot has changes that were not saved. Your files are untouched either way.</source>
        <translation>Der Shoot hat Änderungen, die nicht gespeichert wurden. Ihre Dateien sind so oder so unberührt.</translation>
    </message>
</context>
<context>
    <name>brisk::app::MatchCurveView</name>
    <message>
        <source>Match curve: how strongly the take belongs at each place</source>
        <translation>Trefferkurve: wie stark der Take an jede Stelle gehört</translation>
    </message>
    <message>
        <source>looking for other places</source>
        <translation>sucht andere Stellen</translation>
    </message>
    <message>
        <source>too little is heard to compare places</source>
        <translation>zu wenig ist zu hören, um Stellen zu vergleichen</translation>
    </message>
    <message>
        <source>no other place comes near</source>
        <translation>keine andere Stelle kommt in die Nähe</translation>
    </message>
    <message>
        <source>the next place is %1 % as strong</source>
        <translation>die nächste Stelle ist %1 % so stark</translation>
    </message>
    <message>
        <source>match curve</source>
        <translation>Trefferkurve</translation>
    </message>
    <message>
        <source>%1 at %2: %3 % of the strongest.</source>
        <translation>%1 bei %2: %3 % der stärksten.</translation>
    </message>
    <message>
        <source>it is placed here</source>
        <translation>hier liegt er</translation>
    </message>
    <message>
        <source> Click to try it.</source>
        <translation> Klicken, um es zu probieren.</translation>
    </message>
</context>
<context>
    <name>brisk::app::MediaLibrary</name>
    <message>
        <source>Reading %1</source>
        <translation>%1 wird gelesen</translation>
    </message>
    <message>
        <source>Reading was stopped. &quot;Look again&quot;, in the menu of the list, reads it.</source>
        <translation>Das Lesen wurde angehalten. „Noch einmal lesen“ im Menü der Liste liest es.</translation>
    </message>
    <message>
        <source>%1 is not there any more. Is its card out? Put it back in, and all goes on as before.</source>
        <translation>%1 ist nicht mehr da. Ist die Karte herausgenommen? Stecken Sie sie wieder ein, und alles geht weiter wie zuvor.</translation>
    </message>
    <message numerus="yes">
        <source>%n files are not there any more. Is a card out? Put it back in, and all goes on as before.</source>
        <translation>
            <numerusform>%n Datei ist nicht mehr da. Ist eine Karte herausgenommen? Stecken Sie sie wieder ein, und alles geht weiter wie zuvor.</numerusform>
            <numerusform>%n Dateien sind nicht mehr da. Ist eine Karte herausgenommen? Stecken Sie sie wieder ein, und alles geht weiter wie zuvor.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 is there again.</source>
        <translation>%1 ist wieder da.</translation>
    </message>
    <message numerus="yes">
        <source>%n files are there again.</source>
        <translation>
            <numerusform>%n Datei ist wieder da.</numerusform>
            <numerusform>%n Dateien sind wieder da.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>brisk::app::MediaListModel</name>
    <message>
        <source>cannot be read</source>
        <translation>nicht lesbar</translation>
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
        <translation>%1 Kanäle</translation>
    </message>
    <message>
        <source>, %1-bit</source>
        <translation>, %1 Bit</translation>
    </message>
    <message>
        <source>; 1 take on it</source>
        <translation>; 1 Take darauf</translation>
    </message>
    <message>
        <source>; %1 takes on it</source>
        <translation>; %1 Takes darauf</translation>
    </message>
    <message>
        <source>1 recording</source>
        <translation>1 Aufnahme</translation>
    </message>
    <message>
        <source>%1 recordings</source>
        <translation>%1 Aufnahmen</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>%1, recording, %2</source>
        <translation>%1, Aufnahme, %2</translation>
    </message>
    <message>
        <source>%1, not listened to</source>
        <translation>%1, nicht gehört</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
</context>
<context>
    <name>brisk::app::MicrophoneRow</name>
    <message>
        <source>microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>Microphone that is heard</source>
        <translation>Mikrofon, das zu hören ist</translation>
    </message>
    <message>
        <source>Several microphones ran during this take. Choose which one is heard; the others are kept beside it.</source>
        <translation>Während dieses Takes liefen mehrere Mikrofone. Wählen Sie, welches zu hören ist; die anderen bleiben daneben erhalten.</translation>
    </message>
    <message>
        <source>%1 is heard</source>
        <translation>%1 ist zu hören</translation>
    </message>
    <message>
        <source>kept beside it: %1</source>
        <translation>daneben erhalten: %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Hear %1 instead</source>
        <translation>Stattdessen %1 hören</translation>
    </message>
</context>
<context>
    <name>brisk::app::OpenShoot</name>
    <message>
        <source>New shoot</source>
        <translation>Neuer Shoot</translation>
    </message>
    <message>
        <source>Kept as &quot;%1&quot;.</source>
        <translation>Als „%1“ festgehalten.</translation>
    </message>
    <message>
        <source>%1 is open already (%2). Nothing was changed; close it there first, or work on a copy.</source>
        <translation>%1 ist schon offen (%2). Nichts wurde geändert; schließen Sie es dort zuerst, oder arbeiten Sie an einer Kopie.</translation>
    </message>
    <message>
        <source>in another window</source>
        <translation>in einem anderen Fenster</translation>
    </message>
    <message>
        <source>The shoot that was open was not saved. It is kept, and offered when the program starts the next time.</source>
        <translation>Der offene Shoot war nicht gespeichert. Er bleibt erhalten und wird beim nächsten Start angeboten.</translation>
    </message>
    <message>
        <source>%1 could not be set aside, so %2 was not opened.</source>
        <translation>%1 konnte nicht beiseite gelegt werden, darum wurde %2 nicht geöffnet.</translation>
    </message>
    <message>
        <source>Steps that were not saved belong to another state of this shoot. They were set aside as %1.</source>
        <translation>Nicht gespeicherte Schritte gehören zu einem anderen Stand dieses Shoots. Sie wurden als %1 beiseite gelegt.</translation>
    </message>
    <message>
        <source>The program ended before a step could be saved: it is back. Undo takes it away again.</source>
        <translation>Das Programm endete, bevor ein Schritt gespeichert war: er ist wieder da. Rückgängig nimmt ihn wieder weg.</translation>
    </message>
    <message>
        <source>The program ended before %1 steps could be saved: they are back. Undo takes them away again.</source>
        <translation>Das Programm endete, bevor %1 Schritte gespeichert waren: sie sind wieder da. Rückgängig nimmt sie wieder weg.</translation>
    </message>
    <message>
        <source>That shoot is being worked on in another window.</source>
        <translation>An diesem Shoot wird in einem anderen Fenster gearbeitet.</translation>
    </message>
</context>
<context>
    <name>brisk::app::OtherPicture</name>
    <message>
        <source>The other camera&apos;s picture</source>
        <translation>Das Bild der anderen Kamera</translation>
    </message>
    <message>
        <source>No other camera was running at this moment.</source>
        <translation>Keine andere Kamera lief in diesem Augenblick.</translation>
    </message>
</context>
<context>
    <name>brisk::app::PictureView</name>
    <message>
        <source>Picture at the playhead</source>
        <translation>Bild am Abspielkopf</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>frame %1 is on its way</source>
        <translation>Bild %1 ist unterwegs</translation>
    </message>
</context>
<context>
    <name>brisk::app::PlaceBar</name>
    <message>
        <source>Where the take falls on the recording</source>
        <translation>Wohin der Take auf der Aufnahme fällt</translation>
    </message>
    <message>
        <source>Type a time, or a change: +3 ms, −12 frames, +40 samples. Enter places it.</source>
        <translation>Tippen Sie eine Zeit oder eine Änderung: +3 ms, −12 frames, +40 samples. Eingabe legt ihn dorthin.</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>sample</source>
        <translation>Sample</translation>
    </message>
    <message>
        <source>A size of your own</source>
        <translation>Eine eigene Größe</translation>
    </message>
    <message>
        <source>A size of your own: 5 ms, 0.1 ms, 10 frames, 7 samples</source>
        <translation>Eine eigene Größe: 5 ms, 0,1 ms, 10 frames, 7 samples</translation>
    </message>
    <message>
        <source>Put the marks together</source>
        <translation>Marken zusammenlegen</translation>
    </message>
    <message>
        <source>Put the claps together</source>
        <translation>Klatscher zusammenlegen</translation>
    </message>
    <message>
        <source>placed as typed</source>
        <translation>gelegt wie getippt</translation>
    </message>
    <message>
        <source>moved by %1</source>
        <translation>um %1 verschoben</translation>
    </message>
    <message>
        <source>place %1 of %2: %3</source>
        <translation>Stelle %1 von %2: %3</translation>
    </message>
    <message>
        <source>There is no mark or clap on both sounds yet.</source>
        <translation>Noch ist nicht auf beiden Tönen eine Marke oder ein Klatscher.</translation>
    </message>
</context>
<context>
    <name>brisk::app::Player</name>
    <message>
        <source>The sound device had stopped; playing was started on it again.</source>
        <translation>Das Tongerät hatte angehalten; das Abspielen wurde darauf neu gestartet.</translation>
    </message>
    <message>
        <source>The sound device is gone: playing goes on, but nothing can be heard.</source>
        <translation>Das Tongerät ist weg: es läuft weiter, ist aber nicht zu hören.</translation>
    </message>
    <message>
        <source>%1 is gone: playing goes on on %2.</source>
        <translation>%1 ist weg: es spielt auf %2 weiter.</translation>
    </message>
</context>
<context>
    <name>brisk::app::PreferencesPage</name>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>as the desktop</source>
        <translation>wie der Desktop</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>Size of text</source>
        <translation>Schriftgröße</translation>
    </message>
    <message>
        <source>Distances in</source>
        <translation>Entfernungen in</translation>
    </message>
    <message>
        <source>metres</source>
        <translation>Meter</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Exports go</source>
        <translation>Exporte gehen</translation>
    </message>
    <message>
        <source>beside the takes</source>
        <translation>neben die Takes</translation>
    </message>
    <message>
        <source>A shoot that was exported before remembers its own folder.</source>
        <translation>Ein Shoot, der schon exportiert wurde, merkt sich seinen eigenen Ordner.</translation>
    </message>
    <message>
        <source>Sound comes from</source>
        <translation>Ton kommt aus</translation>
    </message>
    <message>
        <source>Files read at once</source>
        <translation>Gleichzeitig gelesene Dateien</translation>
    </message>
    <message>
        <source>as many as there are cores</source>
        <translation>so viele, wie es Kerne gibt</translation>
    </message>
    <message>
        <source>What was read is kept, at most</source>
        <translation>Gelesenes wird behalten, höchstens</translation>
    </message>
    <message>
        <source>It is kept</source>
        <translation>Es wird behalten</translation>
    </message>
    <message>
        <source>where the desktop keeps such things</source>
        <translation>wo der Desktop solches aufbewahrt</translation>
    </message>
    <message>
        <source>So that a file is read once and not at every start. Your files and shoots are not in it; it may be emptied at any time.</source>
        <translation>Damit eine Datei einmal gelesen wird und nicht bei jedem Start. Ihre Dateien und Shoots sind nicht darin; es darf jederzeit geleert werden.</translation>
    </message>
    <message>
        <source>Empty it now</source>
        <translation>Jetzt leeren</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
    <message>
        <source>%1: choose a folder</source>
        <translation>%1: einen Ordner wählen</translation>
    </message>
    <message>
        <source>%1 (not there now)</source>
        <translation>%1 (jetzt nicht da)</translation>
    </message>
    <message>
        <source>%1 % of the desktop&apos;s</source>
        <translation>%1 % der des Desktops</translation>
    </message>
</context>
<context>
    <name>brisk::app::QuietTools</name>
    <message>
        <source>quiet stretches</source>
        <translation>leise Strecken</translation>
    </message>
    <message>
        <source>By how many dB a stretch is lowered</source>
        <translation>Um wie viele dB ein Abschnitt leiser wird</translation>
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
        <translation>Hören, den Klatscher finden und markieren; dann den Take legen, der dahin gehört. Eine Klammer über dem Ton öffnet ihren Take.</translation>
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
        <translation>Naht: Kameraton oben, sauberer Ton unten</translation>
    </message>
    <message>
        <source>%1, frame %2</source>
        <translation>%1, Bild %2</translation>
    </message>
    <message>
        <source>Name of the mark</source>
        <translation>Name der Marke</translation>
    </message>
    <message>
        <source>%1. Drag to move it, double-click to name it, Delete removes it.</source>
        <translation>%1. Ziehen verschiebt sie, Doppelklick benennt sie, Entf entfernt sie.</translation>
    </message>
    <message>
        <source>A clap, %1 dB above what is before it. Click to make it a mark.</source>
        <translation>Ein Klatscher, %1 dB über dem, was davor ist. Ein Klick macht eine Marke daraus.</translation>
    </message>
    <message>
        <source>Drag: how tall this side is drawn. Also Ctrl and wheel; Alt+Up/Down for the camera, Ctrl+Up/Down for the clean sound.</source>
        <translation>Ziehen: wie hoch diese Seite gezeichnet wird. Auch Strg und Mausrad; Alt+Auf/Ab für die Kamera, Strg+Auf/Ab für den sauberen Ton.</translation>
    </message>
    <message>
        <source>measured here: %1</source>
        <translation>hier gemessen: %1</translation>
    </message>
    <message>
        <source>  frame %1</source>
        <translation>  Bild %1</translation>
    </message>
    <message>
        <source>no clean sound: the camera&apos;s is heard</source>
        <translation>kein sauberer Ton: die Kamera ist zu hören</translation>
    </message>
    <message>
        <source>no clean sound: trimmed away</source>
        <translation>kein sauberer Ton: weggekürzt</translation>
    </message>
    <message>
        <source>no clean sound here: silence</source>
        <translation>hier kein sauberer Ton: Stille</translation>
    </message>
    <message>
        <source>cut away</source>
        <translation>weggeschnitten</translation>
    </message>
    <message>
        <source>quiet</source>
        <translation>leise</translation>
    </message>
    <message>
        <source>goes on in %1</source>
        <translation>geht in %1 weiter</translation>
    </message>
    <message>
        <source>, %1 times as tall</source>
        <translation>, %1-mal so hoch</translation>
    </message>
    <message>
        <source> (looking for the shared sound)</source>
        <translation> (sucht den gemeinsamen Ton)</translation>
    </message>
    <message>
        <source>, what both share</source>
        <translation>, was beide gemeinsam haben</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>sauber</translation>
    </message>
    <message>
        <source>Add the recorder&apos;s file: its sound will grow here, face to face with the camera&apos;s.</source>
        <translation>Fügen Sie die Datei des Rekorders hinzu: ihr Ton wächst hier, dem der Kamera gegenüber.</translation>
    </message>
    <message>
        <source>Find matches, and the clean sound will grow here, face to face with the camera&apos;s.</source>
        <translation>Suchen Sie Plätze, und der saubere Ton wächst hier, dem der Kamera gegenüber.</translation>
    </message>
    <message>
        <source>, clipped in 1 place</source>
        <translation>, an 1 Stelle übersteuert</translation>
    </message>
    <message>
        <source>, clipped in %1 places</source>
        <translation>, an %1 Stellen übersteuert</translation>
    </message>
    <message>
        <source>mark moved by %1</source>
        <translation>Marke um %1 verschoben</translation>
    </message>
    <message>
        <source>clean sound moved by %1</source>
        <translation>sauberer Ton um %1 verschoben</translation>
    </message>
    <message>
        <source>Whole recording</source>
        <translation>Ganze Aufnahme</translation>
    </message>
    <message>
        <source>Whole take</source>
        <translation>Ganzer Take</translation>
    </message>
    <message>
        <source>%1 = %2 samples</source>
        <translation>%1 = %2 Samples</translation>
    </message>
    <message>
        <source>%1 = %2 = %3 samples</source>
        <translation>%1 = %2 = %3 Samples</translation>
    </message>
    <message>
        <source>No take lies on this recording yet. Drag one here from the list, or put the playhead where it begins and lay it there.</source>
        <translation>Auf dieser Aufnahme liegt noch kein Take. Ziehen Sie einen aus der Liste hierher, oder stellen Sie den Abspielkopf dahin, wo er beginnt, und legen Sie ihn dort.</translation>
    </message>
    <message>
        <source>A film without sound: the clean sound will grow here once it is laid on a recording.</source>
        <translation>Ein Film ohne Ton: der saubere Ton wächst hier, sobald er auf einer Aufnahme liegt.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 missing</source>
        <translation>%1 fehlen</translation>
    </message>
    <message>
        <source>%1 too much</source>
        <translation>%1 zu viel</translation>
    </message>
    <message>
        <source>%1 farther: heard %2 later</source>
        <translation>%1 weiter weg: %2 später zu hören</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 weiter weg</translation>
    </message>
    <message>
        <source>Its place is being searched. The clean sound will grow here, face to face with the camera&apos;s.</source>
        <translation>Sein Platz wird gesucht. Der saubere Ton wächst hier, dem Kameraton gegenüber.</translation>
    </message>
</context>
<context>
    <name>brisk::app::Session</name>
    <message>
        <source>Looking at %1</source>
        <translation>%1 wird angesehen</translation>
    </message>
    <message>
        <source>Looking at %1 files and folders</source>
        <translation>%1 Dateien und Ordner werden angesehen</translation>
    </message>
    <message>
        <source>Placing a mark</source>
        <translation>Eine Marke wird gesetzt</translation>
    </message>
    <message>
        <source>No onset is near: the mark stays where it was put.</source>
        <translation>Kein Einsatz ist in der Nähe: die Marke bleibt, wo sie gesetzt wurde.</translation>
    </message>
    <message>
        <source>The mark settled on the onset %1 %2.</source>
        <translation>Die Marke rastete am Einsatz %1 %2 ein.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>davor</translation>
    </message>
    <message>
        <source>after</source>
        <translation>danach</translation>
    </message>
    <message>
        <source>%1 cannot be compared before the old file is read.</source>
        <translation>%1 kann nicht verglichen werden, bevor die alte Datei gelesen ist.</translation>
    </message>
    <message>
        <source>%1 is in the shoot already.</source>
        <translation>%1 ist schon im Shoot.</translation>
    </message>
    <message>
        <source>Comparing %1</source>
        <translation>%1 wird verglichen</translation>
    </message>
    <message>
        <source>Nothing was changed.</source>
        <translation>Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>%1 is a copy of %2 (%3 % alike); %4. %5 kept.</source>
        <translation>%1 ist eine Kopie von %2 (zu %3 % gleich); %4. %5 behalten.</translation>
    </message>
    <message>
        <source>1 tether</source>
        <translation>1 Bindung</translation>
    </message>
    <message>
        <source>%1 tethers</source>
        <translation>%1 Bindungen</translation>
    </message>
    <message>
        <source>Levels can be made alike once two takes have a place.</source>
        <translation>Pegel lassen sich angleichen, sobald zwei Takes einen Platz haben.</translation>
    </message>
    <message>
        <source>Measuring the loudness of %1 takes</source>
        <translation>Die Lautheit von %1 Takes wird gemessen</translation>
    </message>
    <message>
        <source>The takes are silent: nothing was changed.</source>
        <translation>Die Takes sind still: nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Measuring levels</source>
        <translation>Pegel werden gemessen</translation>
    </message>
    <message>
        <source>Matching 1 take</source>
        <translation>Ein Platz für 1 Take wird gesucht</translation>
    </message>
    <message>
        <source>Matching %1 takes</source>
        <translation>Plätze für %1 Takes werden gesucht</translation>
    </message>
    <message>
        <source>Searching again</source>
        <translation>Es wird noch einmal gesucht</translation>
    </message>
    <message>
        <source>placed to within 10 ms: %1</source>
        <translation>auf 10 ms genau gelegt: %1</translation>
    </message>
    <message>
        <source>Found nothing %1; it stays where it is. %2</source>
        <translation>%1 nichts gefunden; er bleibt, wo er ist. %2</translation>
    </message>
    <message>
        <source>Found %1: %2</source>
        <translation>%1 gefunden: %2</translation>
    </message>
    <message>
        <source>Matching begins with the first take and the first recording that are read.</source>
        <translation>Die Suche beginnt mit dem ersten Take und der ersten Aufnahme, die gelesen sind.</translation>
    </message>
    <message>
        <source>%1 had seemed to lie on %2 while files were still being read. With all of them it has no place.</source>
        <translation>%1 schien auf %2 zu liegen, als noch Dateien gelesen wurden. Mit allen hat er keinen Platz.</translation>
    </message>
    <message>
        <source>%1 had seemed to lie on %2 while files were still being read. With all of them: %3</source>
        <translation>%1 schien auf %2 zu liegen, als noch Dateien gelesen wurden. Mit allen: %3</translation>
    </message>
</context>
<context>
    <name>brisk::app::SlateDialog</name>
    <message>
        <source>%1 files</source>
        <translation>%1 Dateien</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>each its own</source>
        <translation>jede ihren eigenen</translation>
    </message>
    <message>
        <source>Scene</source>
        <translation>Szene</translation>
    </message>
    <message>
        <source>Take number</source>
        <translation>Take-Nummer</translation>
    </message>
    <message>
        <source>Good or not</source>
        <translation>Gut oder nicht</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>not good</source>
        <translation>nicht gut</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>several; what is written here takes their place</source>
        <translation>mehrere; was hier steht, ersetzt sie</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>several</source>
        <translation>mehrere</translation>
    </message>
</context>
<context>
    <name>brisk::app::SlipLine</name>
    <message>
        <source>How far apart, along the take</source>
        <translation>Wie weit auseinander, am Take entlang</translation>
    </message>
    <message>
        <source>too short to compare along its length</source>
        <translation>zu kurz, um der Länge nach zu vergleichen</translation>
    </message>
    <message>
        <source>how far apart, along the take</source>
        <translation>wie weit auseinander, am Take entlang</translation>
    </message>
    <message>
        <source>%1 of the take: %2</source>
        <translation>%1 des Takes: %2</translation>
    </message>
    <message>
        <source>no common sound</source>
        <translation>kein gemeinsamer Ton</translation>
    </message>
    <message>
        <source>how far apart, along the take: %1 to %2</source>
        <translation>wie weit auseinander, am Take entlang: %1 bis %2</translation>
    </message>
    <message>
        <source>; pale: with the jumps left in</source>
        <translation>; blass: wenn die Sprünge blieben</translation>
    </message>
    <message>
        <source>; pale: if the recorder&apos;s pace were not followed</source>
        <translation>; blass: wenn dem Gang des Rekorders nicht gefolgt würde</translation>
    </message>
</context>
<context>
    <name>brisk::app::SoundPanel</name>
    <message>
        <source>for this take</source>
        <translation>für diesen Take</translation>
    </message>
    <message>
        <source>What is chosen holds for this take only</source>
        <translation>Was gewählt wird, gilt nur für diesen Take</translation>
    </message>
    <message>
        <source>for all takes</source>
        <translation>für alle Takes</translation>
    </message>
    <message>
        <source>What is chosen holds for every take that has no choice of its own</source>
        <translation>Was gewählt wird, gilt für jeden Take, der keine eigene Wahl hat</translation>
    </message>
    <message>
        <source>as all takes</source>
        <translation>wie alle Takes</translation>
    </message>
    <message>
        <source>Forget what was chosen for this take alone</source>
        <translation>Vergessen, was für diesen Take allein gewählt war</translation>
    </message>
    <message>
        <source>camera&apos;s sound</source>
        <translation>Kameraton</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>It stays in the take, and is not in the new file</source>
        <translation>Er bleibt im Take und ist nicht in der neuen Datei</translation>
    </message>
    <message>
        <source>second track</source>
        <translation>zweite Spur</translation>
    </message>
    <message>
        <source>A track of its own, not the one that plays by itself</source>
        <translation>Eine eigene Spur, nicht die, die von selbst spielt</translation>
    </message>
    <message>
        <source>mixed in</source>
        <translation>beigemischt</translation>
    </message>
    <message>
        <source>Mixed under the clean sound, as loud as it says</source>
        <translation>Unter den sauberen Ton gemischt, so laut, wie dort steht</translation>
    </message>
    <message>
        <source>Loudness of the camera that is mixed in against the clean sound</source>
        <translation>Lautstärke der beigemischten Kamera gegen den sauberen Ton</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
    <message>
        <source>channels</source>
        <translation>Kanäle</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie er ist</translation>
    </message>
    <message>
        <source>As recorded; one-sided and mono sound goes to both</source>
        <translation>Wie aufgenommen; einseitiger und Mono-Ton geht auf beide Seiten</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>The left channel on both sides</source>
        <translation>Der linke Kanal auf beiden Seiten</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>The right channel on both sides</source>
        <translation>Der rechte Kanal auf beiden Seiten</translation>
    </message>
    <message>
        <source>mix</source>
        <translation>mischen</translation>
    </message>
    <message>
        <source>Both channels mixed, on both sides</source>
        <translation>Beide Kanäle gemischt, auf beiden Seiten</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>tauschen</translation>
    </message>
    <message>
        <source>Left and right exchanged</source>
        <translation>Links und rechts vertauscht</translation>
    </message>
    <message>
        <source>polarity</source>
        <translation>Polarität</translation>
    </message>
    <message>
        <source>inverted</source>
        <translation>umgekehrt</translation>
    </message>
    <message>
        <source>Upside down against what the match found</source>
        <translation>Kopfüber gegenüber dem, was gefunden wurde</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>by</source>
        <translation>um</translation>
    </message>
    <message>
        <source>Louder or quieter by so much</source>
        <translation>Um so viel lauter oder leiser</translation>
    </message>
    <message>
        <source>Gain of the clean sound</source>
        <translation>Verstärkung des sauberen Tons</translation>
    </message>
    <message>
        <source>to</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>To a loudness, measured after EBU R 128</source>
        <translation>Auf eine Lautheit, gemessen nach EBU R 128</translation>
    </message>
    <message>
        <source>Loudness of every take</source>
        <translation>Lautheit jedes Takes</translation>
    </message>
    <message>
        <source>LUFS</source>
        <translation>LUFS</translation>
    </message>
    <message>
        <source>True peaks stay under</source>
        <translation>Wahre Spitzen bleiben unter</translation>
    </message>
    <message>
        <source>dBTP at most</source>
        <translation>dBTP max.</translation>
    </message>
    <message>
        <source>alike</source>
        <translation>angleichen</translation>
    </message>
    <message>
        <source>Every take as loud as the one in the middle, which is measured first</source>
        <translation>Jeder Take so laut wie der mittlere, der zuerst gemessen wird</translation>
    </message>
    <message>
        <source>level: alike</source>
        <translation>Pegel: angleichen</translation>
    </message>
    <message>
        <source>gaps</source>
        <translation>Lücken</translation>
    </message>
    <message>
        <source>silent</source>
        <translation>still</translation>
    </message>
    <message>
        <source>Silence where no recording covers the take</source>
        <translation>Stille, wo keine Aufnahme den Take abdeckt</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>The camera&apos;s sound, as loud as the clean sound, crossfaded</source>
        <translation>Der Kameraton, so laut wie der saubere Ton, übergeblendet</translation>
    </message>
    <message>
        <source>trimmed</source>
        <translation>gekürzt</translation>
    </message>
    <message>
        <source>The take keeps only what a recording covers</source>
        <translation>Der Take behält nur, was eine Aufnahme abdeckt</translation>
    </message>
    <message>
        <source>claps</source>
        <translation>Klatscher</translation>
    </message>
    <message>
        <source>heard</source>
        <translation>hörbar</translation>
    </message>
    <message>
        <source>As they were</source>
        <translation>Wie sie waren</translation>
    </message>
    <message>
        <source>Found and marked claps are silenced; nothing moves</source>
        <translation>Gefundene und markierte Klatscher werden still; nichts verschiebt sich</translation>
    </message>
    <message>
        <source>−20 dB</source>
        <translation>−20 dB</translation>
    </message>
    <message>
        <source>Found and marked claps are lowered; nothing moves</source>
        <translation>Gefundene und markierte Klatscher werden leiser; nichts verschiebt sich</translation>
    </message>
    <message>
        <source>clocks</source>
        <translation>Uhren</translation>
    </message>
    <message>
        <source>drift corrected</source>
        <translation>Drift ausgeglichen</translation>
    </message>
    <message>
        <source>The clean sound is resampled to the picture&apos;s clock</source>
        <translation>Der saubere Ton wird auf die Uhr des Bildes umgerechnet</translation>
    </message>
    <message>
        <source>offset only</source>
        <translation>nur Versatz</translation>
    </message>
    <message>
        <source>The clean sound keeps the recorder&apos;s speed</source>
        <translation>Der saubere Ton behält das Tempo des Rekorders</translation>
    </message>
    <message>
        <source>Length of the fades at edges</source>
        <translation>Länge der Blenden an den Rändern</translation>
    </message>
    <message>
        <source>ms edges</source>
        <translation>ms Ränder</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, %2 to %3 %4</source>
        <translation>%1, %2 bis %3 %4</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a number from %2 to %3. Nothing was changed.</source>
        <translation>„%1“ ist keine Zahl von %2 bis %3. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Its loudness is being measured.</source>
        <translation>Seine Lautheit wird gemessen.</translation>
    </message>
    <message>
        <source>It comes to %1 LUFS only: the peaks leave no more room.</source>
        <translation>Er kommt nur auf %1 LUFS: die Spitzen lassen nicht mehr Platz.</translation>
    </message>
    <message>
        <source>Peaks are turned down for some milliseconds.</source>
        <translation>Spitzen werden für einige Millisekunden leiser gemacht.</translation>
    </message>
    <message>
        <source>Mixed sounds that are %1 apart colour each other: it may sound hollow.</source>
        <translation>Gemischte Töne, die %1 auseinander sind, färben einander: es kann hohl klingen.</translation>
    </message>
    <message>
        <source>At the end of the take it is %1 out.</source>
        <translation>Am Ende des Takes ist er %1 daneben.</translation>
    </message>
    <message>
        <source>This take has a choice of its own. %1</source>
        <translation>Dieser Take hat eine eigene Wahl. %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::SpotChecks</name>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
</context>
<context>
    <name>brisk::app::SpotLens</name>
    <message>
        <source>unclear</source>
        <translation>unklar</translation>
    </message>
    <message>
        <source>nothing in common</source>
        <translation>nichts gemeinsam</translation>
    </message>
    <message>
        <source>Spot check, %1: %2</source>
        <translation>Stichprobe, %1: %2</translation>
    </message>
    <message>
        <source>%1 of the take. Click to go there.</source>
        <translation>%1 des Takes. Ein Klick geht dorthin.</translation>
    </message>
    <message>
        <source>Nothing sharp begins here in both sounds</source>
        <translation>Hier beginnt in beiden Tönen nichts Scharfes</translation>
    </message>
    <message>
        <source>worst %1</source>
        <translation>schlimmste %1</translation>
    </message>
    <message>
        <source>%1 farther</source>
        <translation>%1 weiter weg</translation>
    </message>
</context>
<context>
    <name>brisk::app::StagePage</name>
    <message>
        <source>Keys…</source>
        <translation>Tasten…</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Back to where you were (Esc)</source>
        <translation>Zurück, wo Sie waren (Esc)</translation>
    </message>
</context>
<context>
    <name>brisk::app::TakePanel</name>
    <message>
        <source>find a take</source>
        <translation>einen Take finden</translation>
    </message>
    <message>
        <source>Find a take by a part of its name</source>
        <translation>Einen Take an einem Teil seines Namens finden</translation>
    </message>
    <message>
        <source>sort</source>
        <translation>ordnen</translation>
    </message>
    <message>
        <source>In which order</source>
        <translation>In welcher Reihenfolge</translation>
    </message>
    <message>
        <source>Takes and recordings</source>
        <translation>Takes und Aufnahmen</translation>
    </message>
    <message>
        <source>%1 of %2 takes</source>
        <translation>%1 von %2 Takes</translation>
    </message>
    <message>
        <source>1 take</source>
        <translation>1 Take</translation>
    </message>
    <message>
        <source>%1 takes</source>
        <translation>%1 Takes</translation>
    </message>
    <message>
        <source>all %1</source>
        <translation>alle %1</translation>
    </message>
    <message>
        <source>to check %1</source>
        <translation>zu prüfen %1</translation>
    </message>
    <message>
        <source>no place %1</source>
        <translation>kein Platz %1</translation>
    </message>
    <message>
        <source>Tether %1 selected</source>
        <translation>%1 ausgewählte binden</translation>
    </message>
    <message>
        <source>Tether all found (%1)</source>
        <translation>Alle gefundenen binden (%1)</translation>
    </message>
    <message>
        <source>as they were added</source>
        <translation>wie sie hinzukamen</translation>
    </message>
    <message>
        <source>by name</source>
        <translation>nach Namen</translation>
    </message>
    <message>
        <source>by place in the day</source>
        <translation>nach dem Platz am Tag</translation>
    </message>
    <message>
        <source>what is unsure first</source>
        <translation>Unsicheres zuerst</translation>
    </message>
</context>
<context>
    <name>brisk::app::TetherCard</name>
    <message>
        <source>a recording</source>
        <translation>eine Aufnahme</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 bei %2</translation>
    </message>
    <message>
        <source>, continues on %1</source>
        <translation>, geht auf %1 weiter</translation>
    </message>
    <message>
        <source>  =  %1</source>
        <translation>  =  %1</translation>
    </message>
    <message>
        <source>No clean sound for %1: %2.</source>
        <translation>Kein sauberer Ton für %1: %2.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Moved by hand; the search had said: %1</source>
        <translation>Von Hand verschoben; die Suche hatte gesagt: %1</translation>
    </message>
    <message>
        <source>The recording is upside down: turned back.</source>
        <translation>Die Aufnahme ist umgepolt: zurückgedreht.</translation>
    </message>
    <message>
        <source>The take continues %1: treated as one.</source>
        <translation>Der Take setzt %1 fort: als einer behandelt.</translation>
    </message>
    <message>
        <source>The take continues %1: can be treated as one.</source>
        <translation>Der Take setzt %1 fort: kann als einer behandelt werden.</translation>
    </message>
    <message>
        <source>New file: %1</source>
        <translation>Neue Datei: %1</translation>
    </message>
    <message>
        <source>%1 samples into the recording</source>
        <translation>%1 Samples in der Aufnahme</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>aus %1</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>Picture: %1 × %2, %3, %4.</source>
        <translation>Bild: %1 × %2, %3, %4.</translation>
    </message>
    <message>
        <source>variable rate</source>
        <translation>wechselnde Rate</translation>
    </message>
    <message>
        <source>Scratch sound: %1 Hz, %2, %3.</source>
        <translation>Kameraton: %1 Hz, %2, %3.</translation>
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
        <translation>%1 Kanäle</translation>
    </message>
    <message>
        <source>starts with the picture</source>
        <translation>beginnt mit dem Bild</translation>
    </message>
    <message>
        <source>starts %1 after the picture</source>
        <translation>beginnt %1 nach dem Bild</translation>
    </message>
    <message>
        <source>starts %1 before the picture</source>
        <translation>beginnt %1 vor dem Bild</translation>
    </message>
    <message>
        <source>Length %1.</source>
        <translation>Länge %1.</translation>
    </message>
    <message>
        <source>Add the recorder&apos;s file, to lay this take on it.</source>
        <translation>Fügen Sie die Datei des Rekorders hinzu, um diesen Take daraufzulegen.</translation>
    </message>
    <message>
        <source>Nothing fitted on the recordings.</source>
        <translation>Auf den Aufnahmen passte nichts.</translation>
    </message>
    <message>
        <source>Where does it fall on the recordings?</source>
        <translation>Wohin fällt er auf den Aufnahmen?</translation>
    </message>
    <message>
        <source>Make this the tether</source>
        <translation>Dies zur Bindung machen</translation>
    </message>
    <message>
        <source>Tether</source>
        <translation>Binden</translation>
    </message>
    <message>
        <source>, not listened to</source>
        <translation>, nicht gehört</translation>
    </message>
    <message>
        <source>recording</source>
        <translation>Aufnahme</translation>
    </message>
    <message>
        <source>the first %1</source>
        <translation>die ersten %1</translation>
    </message>
    <message>
        <source>the last %1</source>
        <translation>die letzten %1</translation>
    </message>
</context>
<context>
    <name>brisk::app::Tray</name>
    <message>
        <source>Tray: four steps</source>
        <translation>Ablage: vier Schritte</translation>
    </message>
</context>
<context>
    <name>brisk::app::Words</name>
    <message>
        <source>%1 frames + %2</source>
        <translation>%1 Bilder + %2</translation>
    </message>
</context>
<context>
    <name>brisk::app::WorkQueue</name>
    <message>
        <source> · %1 of %2</source>
        <translation> · %1 von %2</translation>
    </message>
    <message>
        <source> · %1</source>
        <translation> · %1</translation>
    </message>
</context>
</TS>
