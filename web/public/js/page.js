import { saveWhatIsTyped } from "/js/saving.js"
import { keepOpen } from "/js/open.js"
import { enterGoesOn } from "/js/readings.js"
import { movePanels } from "/js/slide.js"
import { oneByOne } from "/js/one-by-one.js"
import { turnScrews } from "/js/turn.js"
import { showStage } from "/js/rail.js"
import { askOn } from "/js/asking.js"
import { stageKeys } from "/js/keys.js"
import { signByHand } from "/js/signing.js"
import { sendWhenHeard } from "/js/sending.js"
import { restBehindMore } from "/js/head.js"
import { showSecrets } from "/js/secret.js"
import { moveVisits } from "/js/visits.js"
import { placeByHand } from "/js/placing.js"
import { learnByMoving } from "/js/learning.js"
import { takeAlong } from "/js/along.js"
import { reachWhatScrolls } from "/js/scrolling.js"
import { listenToTape } from "/js/tape.js"
import { takeInHand } from "/js/in-hand.js"
import { oneInHand } from "/js/at-hand.js"
import { moveRises } from "/js/rise.js"
import { sayWords } from "/js/words.js"

saveWhatIsTyped()
keepOpen()
enterGoesOn()
movePanels()
oneByOne()
showStage()
turnScrews()
listenToTape()
takeAlong()
placeByHand()
learnByMoving()
askOn()
stageKeys()
restBehindMore()
showSecrets()
moveVisits()
signByHand()
sendWhenHeard()
reachWhatScrolls()
takeInHand()
oneInHand()
moveRises()
sayWords()
