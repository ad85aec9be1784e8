<?php

declare(strict_types=1);

namespace Scrivlet\Core\Language\JavaScript;

/** Names that JavaScript has and that are not read here. */
final class JavaScriptRealNames
{
    /** What is kept and can be done. */
    public const NAMES = ''
        .'setEncoding once emit resume pause pipe groupBy fromAsync setAttribute getAttribute preventDefault stringify '
        .'EPSILON LN10 LOG10E LOG2E MAX_SAFE_INTEGER MAX_VALUE MIN_SAFE_INTEGER MIN_VALUE NEGATIVE_INFINITY POSITIVE_INFINITY SQRT1_2 SQRT2 acos acosh '
        .'allSettled anchor apply asin asinh assign atan atan2 atanh atob bind blink bold btoa call catch cbrt ceil charAt charCodeAt clear clearInterval '
        .'clearTimeout clz32 codePointAt compile concat copyWithin cosh create decodeURIComponent defineProperties defineProperty delete dotAll '
        .'encodeURIComponent endsWith entries every exec expm1 fetch fill filter finally find findIndex findLast findLastIndex fixed flags flat flatMap floor '
        .'fontcolor fontsize forEach freeze from fromCharCode fromCodePoint fromEntries fround getDate getDay getFullYear getHours getMilliseconds getMinutes '
        .'getMonth getOwnPropertyDescriptor getOwnPropertyDescriptors getOwnPropertyNames getOwnPropertySymbols getPrototypeOf getSeconds getTime '
        .'getTimezoneOffset getUTCDate getUTCDay getUTCFullYear getUTCHours getUTCMilliseconds getUTCMinutes getUTCMonth getUTCSeconds getYear global '
        .'hasIndices hasOwn hasOwnProperty hypot ignoreCase imul includes indexOf isArray isExtensible isFinite isFrozen isInteger isNaN isPrototypeOf '
        .'isSafeInteger isSealed isWellFormed italics join keys lastIndexOf link localeCompare log10 log1p log2 match matchAll multiline next normalize padEnd '
        .'padStart parse parseFloat parseInt preventExtensions propertyIsEnumerable push queueMicrotask race random reduce reduceRight reject repeat replace '
        .'replaceAll requestAnimationFrame resolve return reverse round seal search setDate setFullYear setHours setImmediate setInterval setMilliseconds '
        .'setMinutes setMonth setPrototypeOf setSeconds setTime setTimeout setUTCDate setUTCFullYear setUTCHours setUTCMilliseconds setUTCMinutes setUTCMonth '
        .'setUTCSeconds setYear shift sign sinh slice small some sort source splice split sqrt startsWith sticky strike structuredClone substr substring tanh '
        .'test then toDateString toExponential toFixed toGMTString toISOString toJSON toLocaleDateString toLocaleLowerCase toLocaleString toLocaleTimeString '
        .'toLocaleUpperCase toLowerCase toPrecision toReversed toSorted toSpliced toString toTimeString toUTCString toUpperCase toWellFormed trim trimEnd '
        .'trimLeft trimRight trimStart trunc unicode unicodeSets unshift valueOf values with getElementById querySelector querySelectorAll createElement '
        .'addEventListener removeEventListener appendChild textContent innerHTML innerText setItem getItem removeItem classList stack cause description '
        .'table time timeEnd group groupEnd dir trace assert countReset ';
    /** What is called by itself. */
    public const FUNCTIONS = 'ArrayBuffer atob BigInt btoa clearInterval clearTimeout decodeURI decodeURIComponent encodeURI encodeURIComponent escape eval fetch globalThis Intl isFinite Proxy queueMicrotask Reflect requestAnimationFrame setImmediate setInterval setTimeout structuredClone Symbol Uint8Array unescape WeakMap WeakRef WeakSet';
}
