#include <iostream>
#include <string>
using namespace std;
string caesar(string s, int k) {
  string out = "";
  for (char c : s) {
    if (c >= 'a' && c <= 'z') out += (c - 'a' + k) % 26 + 'a';
    else if (isupper(c)) out += char((c - 'A' + k) % 26 + 'A');
    else out += c;
  }
  return out;
}
int main() {
  cout << caesar("Hello, xyz", 3) << endl;
  string t = "ab"; t[0] = t[0] + 1; t[1] += 2; t[0]++; cout << t << endl;
  for (int i = 0; i < 2; i++) t[i] = t[i] - 32; cout << t << endl;
  for (char &c : t) c = c + 1; cout << t << endl;
  string r; for (int i = 0; i < 3; i++) r += 'x' + i; cout << r << endl;
  r.push_back('0' + 7); r = r + char('a' + 1); r += "end"; cout << r << endl;
  int n = 305; string b; while (n > 0) { b = char('0' + n % 2) + b; n /= 2; } cout << b << endl;
  int digits = 0; for (char c : string("a1b22")) if (c >= '0' && c <= '9') digits += c - '0'; cout << digits << endl;
}
