var text = "The rain came down on the garden. The garden drank the rain, and the snails came out!";

function countWords(str) {
    var words = str.toLowerCase().replace(/[^a-z\s]/g, "").split(/\s+/);
    var counts = {};
    for (var i = 0; i < words.length; i++) {
        var w = words[i];
        counts[w] = (counts[w] || 0) + 1;
    }
    return counts;
}

function longest(str) {
    var best = "";
    str.split(" ").forEach(function (word) {
        if (word.length > best.length) best = word;
    });
    return best;
}

function capitalise(str) {
    return str.split(" ").map(function (w) {
        return w.charAt(0).toUpperCase() + w.slice(1).toLowerCase();
    }).join(" ");
}

function isPalindrome(str) {
    var clean = str.toLowerCase().replace(/[^a-z]/g, "");
    return clean === clean.split("").reverse().join("");
}

var counts = countWords(text);
var keys = Object.keys(counts).sort(function (a, b) {
    if (counts[b] !== counts[a]) return counts[b] - counts[a];
    return a < b ? -1 : 1;
});
for (var k in keys) {
    if (k >= 4) break;
    console.log(keys[k] + ": " + counts[keys[k]]);
}
console.log(longest(text), longest(text).length);
console.log(capitalise("the quick SNAIL"));
console.log(isPalindrome("Was it a car or a cat I saw?"), isPalindrome("garden"));
console.log(text.indexOf("rain"), text.lastIndexOf("rain"), text.search(/snails?/));
console.log(text.match(/the/gi).length);
console.log(text.substring(4, 8).padStart(8, "*").padEnd(10, "-"));
console.log("vowels:", (text.match(/[aeiou]/g) || []).length);
console.log(typeof counts, typeof longest, typeof text, typeof undefined);
console.log(text.split("").filter(function (c) { return c === c.toUpperCase() && c !== c.toLowerCase(); }).join(""));
