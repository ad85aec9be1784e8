#include <iostream>
#include <string>
#include <sstream>
#include <cctype>
#include <map>
#include <set>
#include <vector>
#include <algorithm>
#include <numeric>

using std::string; using std::cout; using std::vector;

string trim(const string& s) {
    auto b = s.find_first_not_of(" \t");
    if (b == string::npos) return "";
    auto e = s.find_last_not_of(" \t");
    return s.substr(b, e - b + 1);
}
vector<string> split(const string& s, char sep) {
    vector<string> out; string part; std::istringstream in(s);
    while (std::getline(in, part, sep)) out.push_back(trim(part));
    return out;
}
string join(const vector<string>& v, const string& sep) {
    return v.empty() ? "" : std::accumulate(std::next(v.begin()), v.end(), v[0], [&](const string& a, const string& b) { return a + sep + b; });
}
bool palindrome(string s) {
    s.erase(std::remove_if(s.begin(), s.end(), [](unsigned char c) { return !std::isalpha(c); }), s.end());
    std::transform(s.begin(), s.end(), s.begin(), ::tolower);
    return std::equal(s.begin(), s.begin() + s.size() / 2, s.rbegin());
}
int main() {
    auto parts = split(" rake , spade,hoe ,  fork", ',');
    cout << parts.size() << " [" << join(parts, "|") << "]\n";
    for (const string& s : {"Never odd or even", "Garden", "Was it a cat I saw"}) cout << s << ": " << (palindrome(s) ? "yes" : "no") << "\n";
    std::map<char, int> freq;
    for (char c : string("mississippi")) ++freq[c];
    for (auto [c, n] : freq) cout << c << n << ' ';
    cout << "\n";
    vector<std::pair<int, char>> order;
    for (auto& p : freq) order.emplace_back(p.second, p.first);
    std::sort(order.rbegin(), order.rend());
    cout << order[0].second << order[0].first << "\n";
    string s = "the quick bed";
    s.insert(4, "very ");
    s.replace(s.find("bed"), 3, "pond");
    cout << s << " " << s.length() << " " << s.rfind('e') << " " << s.compare("the") << "\n";
    std::stringstream ss; ss << 3 << "," << 4.5 << "," << true; cout << ss.str() << "\n";
    std::reverse(s.begin(), s.end()); cout << s << "\n";
    string caps; for (char c : s) caps += std::toupper(c); cout << caps << "\n";
    std::set<string> uniq(parts.begin(), parts.end()); uniq.insert("hoe"); cout << uniq.size() << " " << *uniq.begin() << " " << *uniq.rbegin() << "\n";
    int n = std::stoi("42abc"); double d = std::stod("2.5e2"); cout << n + d << " " << std::to_string(3.5) << "\n";
    string roman; int v = 1994; const std::pair<int, const char*> R[] = {{1000,"M"},{900,"CM"},{500,"D"},{400,"CD"},{100,"C"},{90,"XC"},{50,"L"},{40,"XL"},{10,"X"},{9,"IX"},{5,"V"},{4,"IV"},{1,"I"}};
    for (auto& [k, t] : R) while (v >= k) { roman += t; v -= k; }
    cout << roman << "\n";
    string word = "abc"; do cout << word << ' '; while (std::next_permutation(word.begin(), word.end())); cout << "\n";
    try { std::stoi("x"); } catch (const std::invalid_argument&) { cout << "not a number\n"; }
    try { cout << s.at(99); } catch (const std::out_of_range&) { cout << "out of range\n"; }
    std::string line = "a=1;b=22;c"; std::istringstream in(line); std::string kv;
    while (getline(in, kv, ';')) { auto at = kv.find('='); if (at == string::npos) { cout << kv << " alone\n"; continue; } cout << kv.substr(0, at) << "->" << kv.substr(at + 1) << "\n"; }
}
