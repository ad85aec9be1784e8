#include <iostream>
#include <vector>
#include <string>
#include <cctype>
#include <iomanip>
#include <sstream>

struct Question {
    std::string text;
    std::vector<std::string> options;
    char answer;
    int points{1};
};

class Quiz {
public:
    void addQuestion(const std::string& line) {
        std::istringstream in(line);
        Question q;
        std::getline(in, q.text, '|');
        std::string option;
        while (std::getline(in, option, '|') && option.size() > 1) q.options.push_back(option);
        q.answer = option.empty() ? 'a' : option[0];
        int points;
        if (in >> points) q.points = points;
        questions.push_back(q);
    }
    int run(std::istream& in, std::ostream& out) {
        int score = 0, number = 0;
        for (const auto& q : questions) {
            out << ++number << ". " << q.text << "\n";
            char letter = 'a';
            for (const auto& o : q.options) out << "  " << letter++ << ") " << o << "\n";
            char given = ask(in, out, 'a', static_cast<char>('a' + q.options.size() - 1));
            if (given == q.answer) { score += q.points; out << "Right!\n"; ++right; }
            else out << "No, it is " << q.answer << ": " << q.options.at(q.answer - 'a') << "\n";
        }
        return score;
    }
    double percent() const { return questions.empty() ? 0.0 : 100.0 * right / questions.size(); }
    int best() const { int b = 0; for (auto& q : questions) b += q.points; return b; }
private:
    std::vector<Question> questions;
    int right = 0;
    static char ask(std::istream& in, std::ostream& out, char low, char high) {
        std::string line;
        while (true) {
            out << "> ";
            if (!std::getline(in, line)) return '?';
            if (line.length() == 1) {
                char c = std::tolower(line[0]);
                if (c >= low && c <= high) return c;
            }
            out << "From " << low << " to " << high << " please.\n";
        }
    }
};

int main() {
    Quiz quiz;
    quiz.addQuestion("Which is a tree?|moss|oak|fern|b|2");
    quiz.addQuestion("How many legs has a bee?|four|six|b");
    quiz.addQuestion("What eats leaves?|slug|owl|a|3");
    int score = quiz.run(std::cin, std::cout);
    std::cout << "Score " << score << " of " << quiz.best() << std::fixed << std::setprecision(1) << " (" << quiz.percent() << "%)\n";
    std::cout << (score >= quiz.best() / 2 ? "Passed" : "Try again") << std::endl;
}
