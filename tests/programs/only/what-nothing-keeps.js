// What is asked of nothing, and truths that are asked at once.
let bed = null
let plan
try {
    console.log(bed.width)
} catch (problem) {
    console.log(problem.name, problem.message)
}
try {
    console.log(plan["rows"])
} catch ({ name, message: says }) {
    console.log(name, says)
}
try {
    console.log(null.x)
} catch ({ message }) {
    console.log(message)
}
console.log(true.toString(), (5).toFixed(1))
