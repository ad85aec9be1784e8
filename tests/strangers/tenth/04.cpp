#include <iostream>
#include <string>
#include <cctype>
#include <map>
#include <sstream>

std::string trim(const std::string& s) {
    size_t b = s.find_first_not_of(" \t");
    if (b == std::string::npos) return "";
    size_t e = s.find_last_not_of(" \t");
    return s.substr(b, e - b + 1);
}

std::string toUpper(std::string s) {
    for (char& c : s) c = std::toupper(static_cast<unsigned char>(c));
    return s;
}

bool isPalindrome(const std::string& s) {
    int i = 0, j = static_cast<int>(s.size()) - 1;
    while (i < j) {
        while (i < j && !std::isalnum(s[i])) ++i;
        while (i < j && !std::isalnum(s[j])) --j;
        if (std::tolower(s[i++]) != std::tolower(s[j--])) return false;
    }
    return true;
}

int main() {
    std::string line;
    std::map<std::string, int> words;
    int n = 0;
    while (std::getline(std::cin, line)) {
        line = trim(line);
        if (line.empty()) continue;
        ++n;
        std::istringstream in(line);
        std::string w;
        while (in >> w) {
            std::string clean;
            for (char c : w) if (std::isalpha(c)) clean += std::tolower(c);
            if (!clean.empty()) ++words[clean];
        }
        std::cout << n << ": " << toUpper(line) << (isPalindrome(line) ? " *" : "") << std::endl;
    }
    std::string best;
    for (std::map<std::string, int>::const_iterator it = words.begin(); it != words.end(); ++it) {
        std::cout << it->first << "=" << it->second << ' ';
        if (best.empty() || it->second > words[best]) best = it->first;
    }
    std::cout << "\nmost: " << best << "\n";
}
