#include <cctype>
#include <iostream>
#include <map>
#include <set>
#include <sstream>
#include <string>
#include <unordered_map>
#include <vector>
#include <algorithm>

using std::cin; using std::cout; using std::endl; using std::string; using std::vector;

string lower(string s)
{
    std::transform(s.begin(), s.end(), s.begin(), ::tolower);
    return s;
}

string strip(const string& s)
{
    string out;
    for (unsigned char c : s)
        if (std::isalnum(c) || c == '\'')
            out.push_back(c);
    return out;
}

vector<string> split(const string& s, char sep)
{
    vector<string> parts;
    std::stringstream ss(s);
    string part;
    while (std::getline(ss, part, sep))
        parts.push_back(part);
    return parts;
}

string join(const vector<string>& v, const string& sep = ", ")
{
    std::ostringstream os;
    for (auto it = v.begin(); it != v.end(); ++it) {
        if (it != v.begin()) os << sep;
        os << *it;
    }
    return os.str();
}

int main()
{
    std::map<string, int> counts;
    std::unordered_map<string, std::set<int>> lines;
    string line;
    int number = 0, chars = 0;
    while (std::getline(cin, line)) {
        ++number;
        chars += line.size() + 1;
        std::istringstream in(line);
        for (string word; in >> word; ) {
            word = lower(strip(word));
            if (word.empty()) continue;
            ++counts[word];
            lines[word].insert(number);
        }
    }
    cout << number << " lines, " << chars << " characters, " << counts.size() << " different words" << endl;

    vector<std::pair<string, int>> sorted(counts.begin(), counts.end());
    std::sort(sorted.begin(), sorted.end(), [](const auto& a, const auto& b) {
        if (a.second != b.second) return a.second > b.second;
        return a.first < b.first;
    });
    for (size_t i = 0; i < std::min<size_t>(4, sorted.size()); i++) {
        const auto& [word, n] = sorted[i];
        cout << word << '\t' << n << "\tlines";
        for (int l : lines[word]) cout << ' ' << l;
        cout << endl;
    }
    auto found = counts.find("goat");
    cout << (found == counts.end() ? "no goat" : "goat x" + std::to_string(found->second)) << endl;
    cout << counts.count("hen") << " " << counts.begin()->first << " " << counts.rbegin()->first << endl;

    auto parts = split("peas;beans;;kale", ';');
    cout << parts.size() << " " << join(parts) << " " << join(parts, "|") << endl;
    string s = "The garden";
    s.insert(4, "big ");
    s.replace(s.find("garden"), 6, "pond");
    cout << s << " " << s.substr(4) << " " << s.substr(0, 3) << " " << s.find('z') << " " << (s.find("zz") == string::npos) << endl;
    s.erase(3, 4);
    std::reverse(s.begin(), s.end());
    cout << s << " " << s.length() << " " << s.front() << s.back() << " " << s.rfind('e') << endl;
    std::set<char> letters(s.begin(), s.end());
    for (char c : letters) cout << c;
    cout << endl;
    string name = "fern"; name[0] = toupper(name[0]);
    cout << name + "hollow" << (name < "Gate") << name.compare("Fern") << char('a' + 2) << int('a') << (char)(name[1] + 1) << endl;
    counts.erase("the");
    if (auto it = counts.lower_bound("p"); it != counts.end()) cout << it->first << endl;
    cout << std::stoi("42abc") << " " << std::stod("2.5") * 2 << " " << string(3, 'x') << " " << string("abc", 2) << endl;
}
