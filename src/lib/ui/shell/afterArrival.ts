// What comes after the first call: nobody waits for it.
export { keepFocus } from './focusKept';
export { keepOnDevice } from './device/onDevice';
export { sayTidings } from './trouble/tidings';
export { tellWhatIsUnhandled } from './trouble/unhandled';
