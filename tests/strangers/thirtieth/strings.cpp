#include <iostream>
#include <string>
#include <algorithm>
#include <map>
#include <vector>
#include <sstream>
#include <cctype>

std::string trim(const std::string& s) {
    auto b = s.find_first_not_of(" \t");
    if (b == std::string::npos) return "";
    auto e = s.find_last_not_of(" \t");
    return s.substr(b, e - b + 1);
}

std::vector<std::string> split(const std::string& s, char sep) {
    std::vector<std::string> parts;
    std::stringstream ss(s);
    std::string part;
    while (std::getline(ss, part, sep)) parts.push_back(trim(part));
    return parts;
}

std::string join(const std::vector<std::string>& v, const std::string& sep) {
    std::string out;
    for (auto it = v.begin(); it != v.end(); ++it) {
        if (it != v.begin()) out += sep;
        out += *it;
    }
    return out;
}

std::string upper(std::string s) {
    std::transform(s.begin(), s.end(), s.begin(), ::toupper);
    return s;
}

int main() {
    std::string line, all;
    int number = 0;
    std::map<std::string, std::string> settings;
    while (std::getline(std::cin, line)) {
        ++number;
        if (auto hash = line.find('#'); hash != std::string::npos) line.erase(hash);
        line = trim(line);
        if (line.empty()) continue;
        auto eq = line.find('=');
        if (eq == std::string::npos) {
            std::cerr << "line " << number << " has no =\n";
            std::cout << "line " << number << "?\n";
            continue;
        }
        settings[trim(line.substr(0, eq))] = trim(line.substr(eq + 1));
    }
    for (const auto& s : settings) std::cout << s.first << " -> '" << s.second << "'\n";
    auto parts = split(settings["plants"], ',');
    std::cout << parts.size() << ' ' << join(parts, "|") << ' ' << upper(parts.front()) << '\n';
    std::sort(parts.begin(), parts.end(), [](const std::string& a, const std::string& b) {
        return a.size() != b.size() ? a.size() < b.size() : a < b;
    });
    std::cout << join(parts, " < ") << '\n';
    int width = settings.count("width") ? std::stoi(settings["width"]) : 80;
    std::cout << width * 2 << '\n';
    try { std::stoi(settings["title"]); } catch (const std::invalid_argument&) { std::cout << "no number\n"; }
    std::string t = settings["title"];
    std::replace(t.begin(), t.end(), ' ', '_');
    t.insert(0, ">>").append("<<").push_back('!');
    std::cout << t << ' ' << t.length() << ' ' << t.compare("x") << ' ' << t.rfind('_') << '\n';
    std::map<char, int> freq;
    for (char c : t) if (std::isalpha(static_cast<unsigned char>(c))) ++freq[std::tolower(c)];
    auto top = std::max_element(freq.begin(), freq.end(), [](auto& a, auto& b) { return a.second < b.second; });
    std::cout << top->first << top->second << '\n';
    std::string rev(t.rbegin(), t.rend());
    std::cout << rev << (rev == t) << '\n';
    std::ostringstream os;
    os << 3 << '/' << 4.5 << std::hex << ' ' << 255;
    std::cout << os.str() << ' ' << os.str().size() << '\n';
    std::cout << std::string("ab") + 'c' + "d" << ' ' << "abc"[1] << ' ' << t.at(2) << ' ' << (char)(t[2] + 1) << ' ' << t[2] + 1 << '\n';
}
