#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <map>
using namespace std;
typedef vector<int> Row;
typedef vector<Row> Grid;
int counter = 0;
int next_id() { return ++counter; }
void hanoi(int n, char from, char to, char via, int &moves) {
    if (n == 0) return;
    hanoi(n - 1, from, via, to, moves);
    moves++;
    if (n == 3) cout << from << "->" << to << " ";
    hanoi(n - 1, via, to, from, moves);
}
int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
int binarySearch(const vector<int>& v, int x) {
    int lo = 0, hi = v.size() - 1, mid;
    while (lo <= hi) {
        mid = (lo + hi) / 2;
        if (v[mid] == x) return mid;
        else if (v[mid] < x) lo = mid + 1;
        else hi = mid - 1;
    }
    return -1;
}
void selectionSort(vector<int> &v) {
    for (unsigned int i = 0; i < v.size() - 1; i++) {
        int min = i;
        for (unsigned int j = i + 1; j < v.size(); j++)
            if (v[j] < v[min]) min = j;
        if (min != (int)i) swap(v[i], v[min]);
    }
}
bool palindrome(string s) {
    int n = s.length();
    for (int i = 0; i < n / 2; i++) if (s[i] != s[n - 1 - i]) return false;
    return true;
}
string toBinary(int n) { string r = ""; while (n > 0) { r = char('0' + n % 2) + r; n = n / 2; } return r == "" ? "0" : r; }
int fibs[50];
int fib(int n) { if (n < 2) return n; if (fibs[n] != 0) return fibs[n]; return fibs[n] = fib(n - 1) + fib(n - 2); }
int main() {
    int moves = 0;
    hanoi(4, 'A', 'C', 'B', moves);
    cout << moves << endl << gcd(84, 36) << next_id() << next_id() << endl;
    vector<int> v = {9, 4, 7, 1, 8};
    selectionSort(v);
    for (size_t i = 0; i < v.size(); ++i) cout << v[i] << (i + 1 < v.size() ? "," : "\n");
    cout << binarySearch(v, 7) << binarySearch(v, 5) << endl;
    cout << boolalpha << palindrome("level") << palindrome("leaves") << noboolalpha << palindrome("aa") << endl;
    cout << toBinary(37) << toBinary(0) << fib(40) << endl;
    Grid g(3, Row(4, 1));
    g[1][2] = 5;
    int s = 0;
    for (const auto &row : g) for (int x : row) s += x;
    cout << s << g.size() << g[0].size() << endl;
    map<string, int> stock;
    stock["pea"] = 3; stock["kale"] += 2; stock["pea"]++;
    for (auto &p : stock) cout << p.first << "=" << p.second << ";";
    cout << stock.count("rose") << stock["rose"] << stock.size() << endl;
    v.push_back(3); v.insert(v.begin(), 0); v.erase(v.begin() + 1); v.pop_back();
    reverse(v.begin(), v.end());
    cout << v.front() << v.back() << *max_element(v.begin(), v.end()) << count(v.begin(), v.end(), 7) << endl;
    string line = "one two  three", word; int words = 0; bool in = false;
    for (char ch : line) { if (ch != ' ' && !in) { words++; in = true; } else if (ch == ' ') in = false; }
    cout << words << line.length() << endl;
    for (char &ch : line) if (islower(ch)) ch = toupper(ch);
    cout << line << " " << line.rfind("T") << " " << line.replace(0, 3, "1") << " " << stoi("42") + 1 << to_string(3.5) << endl;
    int total = 0, n = 5, *p = &total;
    while (n --> 0) *p += n;
    cout << total << n << endl;
    int arr[] = {5, 2, 8}, size = sizeof(arr) / sizeof(arr[0]);
    sort(arr, arr + size);
    for (int x : arr) cout << x;
    cout << size << endl;
    float f = 7; f /= 2; int whole = f; cout << f << whole << 7 / 2 * 2.0 << 5 % 3 << (5 & 3) << (5 | 3) << (1 << 4) << endl;
    bool ok = 5; cout << ok << (3 < 2 < 1) << true + true << endl;
    char ch = 66; ch++; cout << ch << (int)ch << (char)(ch + 1) << ch + 1 << endl;
    if (int k = next_id()) cout << "id" << k << endl;
    const char *name = "Kai"; cout << name << name[1] << endl;
    return 0;
}
