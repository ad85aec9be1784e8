/**
 * Check whether a password is good enough.
 */
function problemsOf(password) {
    const problems = [];
    if (password.length < 8) {
        problems.push("too short");
    }
    if (!/[0-9]/.test(password)) {
        problems.push("no digit");
    }
    if (!/[A-Z]/.test(password)) {
        problems.push("no capital letter");
    }
    if (!/[^A-Za-z0-9]/.test(password)) {
        problems.push("no special sign");
    }
    return problems;
}

const passwords = ["garden", "Garden42", "Garden-gate-42", "12345678"];
passwords.forEach((password, index) => {
    const problems = problemsOf(password);
    const verdict = problems.length === 0 ? "strong" : problems.join("; ");
    console.log(`${index + 1}. ${password}: ${verdict}`);
});
