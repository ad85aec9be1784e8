#include <cctype>
#include <iostream>
#include <map>
#include <sstream>
#include <string>
#include <vector>
#include <algorithm>

using std::string;
using std::vector;

vector<string> split(const string& s, char sep) {
    vector<string> out;
    std::stringstream ss(s);
    string part;
    while (std::getline(ss, part, sep)) out.push_back(part);
    return out;
}

string trim(const string& s) {
    auto b = s.find_first_not_of(" \t");
    if (b == string::npos) return "";
    auto e = s.find_last_not_of(" \t");
    return s.substr(b, e - b + 1);
}

string join(const vector<string>& v, const string& glue = ", ") {
    string r;
    for (auto it = v.begin(); it != v.end(); ++it) {
        if (it != v.begin()) r += glue;
        r += *it;
    }
    return r;
}

string upper(string s) {
    std::transform(s.begin(), s.end(), s.begin(), ::toupper);
    return s;
}

bool isPalindrome(const string& s) {
    string t;
    std::copy_if(s.begin(), s.end(), std::back_inserter(t), [](unsigned char c) { return std::isalpha(c); });
    for (auto& c : t) c = std::tolower(c);
    return std::equal(t.begin(), t.begin() + t.size() / 2, t.rbegin());
}

int main() {
    auto parts = split("beans; peas ;  kale;carrots", ';');
    for (auto& p : parts) p = trim(p);
    std::cout << join(parts) << " / " << join(parts, "-") << std::endl;
    std::sort(parts.begin(), parts.end(), [](const string& a, const string& b) { return a.size() < b.size() || (a.size() == b.size() && a < b); });
    std::cout << upper(join(parts, " ")) << '\n';
    std::cout << isPalindrome("Never odd, or even") << isPalindrome("garden") << '\n';
    std::map<char, int> freq;
    for (char c : string("fernhollow")) ++freq[c];
    for (auto& kv : freq) if (kv.second > 1) std::cout << kv.first << kv.second << ' ';
    std::cout << '\n';
    std::ostringstream out;
    out << "n=" << 42 << ", pi=" << 3.5;
    string res = out.str();
    std::cout << res << ' ' << res.length() << '\n';
    string s = "the cat sat on the mat";
    size_t pos = 0; int hits = 0;
    while ((pos = s.find("at", pos)) != string::npos) { ++hits; pos += 2; }
    s.replace(4, 3, "hedgehog");
    s.insert(0, "> ");
    s.erase(s.size() - 4);
    std::cout << hits << ' ' << s << '\n';
    std::reverse(s.begin(), s.end());
    std::cout << s << ' ' << std::stoi("12abc") + std::stod("2.5") << ' ' << s.compare("a") << '\n';
    string digits = "0123456789";
    std::next_permutation(digits.begin(), digits.end());
    std::cout << digits << ' ' << string(3, '=') << string(digits.rbegin(), digits.rend()) << '\n';
}
