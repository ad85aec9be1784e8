try {
  missingName;
} catch (e) {
  console.log(e.name, e.message);
}
